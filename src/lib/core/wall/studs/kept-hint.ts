import * as z from 'zod/mini';
import { POINT_HINTS, SPAN_HINTS } from './hint.ts';
import { id, position } from '../../base/schemas/sizes.ts';

const noted = {
	id,
	simulated: z
		.optional(z.boolean())
		.check(z.describe('a simulated tool’s; absent or false for a real one')),
	y: z.nullable(position).check(z.describe('mm above the level datum'))
};

/** A hint as a project keeps it. */
export const hintSchema = z.union([
	z.object({ ...noted, kind: z.enum(POINT_HINTS), x: position }),
	z.object({ ...noted, kind: z.enum(SPAN_HINTS), left: position, right: position })
]);
export type KeptHint = z.infer<typeof hintSchema>;
