import type { HungPiece, WallPoint } from './types.ts';

/** A strip of tape or paper that carries the marks of a piece with several points from its back to the wall. */
export interface TapeStrip {
	/** It lies along the top, or down the middle when the points stand one above the other. */
	along: 'top' | 'side';
	/** mm, from its left or upper end, which meets the piece's left or top edge. */
	length: number;
	marks: { name: string; at: number; aside: number }[];
	/** Which of its edges meets what. */
	rule: string;
}

/**
 * The strip of a piece: marks in mm from its end, and how far each lies off the line of the first.
 * Null for a piece with one point, which needs none.
 */
export function tapeStrip(
	points: readonly WallPoint[],
	{ width, height }: HungPiece
): TapeStrip | null {
	const [first] = points;
	if (!first || points.length < 2) return null;
	const upright = points.every(({ x }) => Math.abs(x - first.x) < Math.abs(width) / 10);
	const ends = points.map(({ x, drop }) => (upright ? drop.value : x + width / 2));
	const start = Math.min(0, ...ends);
	const length = Math.max(upright ? height : width, ...ends) - start;
	return {
		along: upright ? 'side' : 'top',
		length,
		marks: points.map(({ name, x, drop }, index) => ({
			name,
			at: ends[index]! - start,
			aside: upright ? x - first.x : drop.value - first.drop.value
		})),
		rule: upright
			? 'Stick tape down the middle of the back, from the top edge, over both points. Write TOP at its upper end, and hold it plumb on the wall.'
			: `Stick tape across the back over the points, from the ${first.name}. Write LEFT at the end that is on your left when it hangs (on your right now), and hold it level on the wall.`
	};
}
