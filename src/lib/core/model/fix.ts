import * as z from 'zod/mini';
import { HOOK_KINDS } from '../catalogue/facts/index.ts';
import { backSchema } from '../piece/hangers/index.ts';
import { id, position } from '../base/schemas/sizes.ts';

const fixPointsSchema = z
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
	.check(z.minLength(1), z.maxLength(6));

/** What settles a fixing: the back the piece then has, what goes at its points, and how it moves for it. */
export const settlementSchema = z.object({
	pieceId: id,
	back: backSchema,
	points: fixPointsSchema,
	nudge: z.optional(position.check(z.describe('mm to the right'))),
	top: z.optional(
		z.nullable(position).check(z.describe('mm its top edge goes to; null where it stays'))
	)
});
export type Settlement = z.infer<typeof settlementSchema>;

/** How a person settled to fix a piece where it stands: what goes at each of its wall points. */
export const fixSchema = z.object({
	at: position.check(z.describe('mm along the wall where the piece stood when it was settled')),
	points: fixPointsSchema
});
export type Fix = z.infer<typeof fixSchema>;
