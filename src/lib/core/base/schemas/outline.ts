import * as z from 'zod/mini';
import { share } from './sizes.ts';

/** The outline of a piece within its width and height. */
export const outlineSchema = z.discriminatedUnion('by', [
	z.object({ by: z.literal('rectangle') }),
	z.object({ by: z.literal('oval') }),
	z.object({
		by: z.literal('polygon'),
		points: z
			.array(z.object({ x: share, y: share }))
			.check(
				z.minLength(3),
				z.maxLength(200),
				z.describe('corners as shares of width and height, from the upper left, as it hangs')
			)
	})
]);
export type Outline = z.infer<typeof outlineSchema>;

/** A level can be laid on it: an oval has no straight edge. */
export const hasStraightEdge = ({ by }: Outline): boolean => by !== 'oval';

/** Share of the width times height that the outline fills: 1, π/4, or the shoelace area of the polygon. */
export function filled(outline: Outline): number {
	if (outline.by === 'rectangle') return 1;
	if (outline.by === 'oval') return Math.PI / 4;
	const { points } = outline;
	const twice = points.reduce((sum, { x, y }, index) => {
		const next = points[(index + 1) % points.length]!;
		return sum + x * next.y - next.x * y;
	}, 0);
	return Math.abs(twice) / 2;
}
