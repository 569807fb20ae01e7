import * as z from 'zod/mini';
import { pieceSchema, placementSchema, substrates } from '$lib/core/index.ts';
import type { OneFacts } from './one-picture.svelte.ts';

const length = z.number().check(z.minimum(0), z.maximum(100_000));
const schema = z.object({
	units: z.enum(['in', 'mm']),
	mode: z.enum(['centre', 'top', 'bottom']),
	...{ centre: length, top: length, furniture: length, above: length },
	made: z.enum(substrates.map(({ of }) => of)),
	typed: z.array(z.string().check(z.maxLength(40))).check(z.maxLength(40)),
	piece: pieceSchema,
	fix: placementSchema.shape.fix
});

/** What an address carries of one picture; null where it is nothing that can be read. */
export function factsFrom(hash: string): OneFacts | null {
	try {
		const read = schema.safeParse(JSON.parse(decodeURIComponent(hash.replace(/^#/, ''))));
		return read.success ? read.data : null;
	} catch {
		return null;
	}
}
