import * as z from 'zod/mini';
import { HOOK_KINDS } from '../fixings/index.ts';
import { position } from './sizes.ts';

/** How a person settled to fix a piece where it stands: what goes at each of its wall points. */
export const fixSchema = z.object({
	at: position.check(z.describe('mm along the wall where the piece stood when it was settled')),
	points: z
		.array(
			z.object({
				hook: z.enum(HOOK_KINDS),
				x: z
					.nullable(position)
					.check(
						z.describe(
							'mm right of the piece’s centre line, where it meets a stud; null where the back says it'
						)
					)
			})
		)
		.check(z.minLength(1), z.maxLength(6))
});
export type Fix = z.infer<typeof fixSchema>;
