import { centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import { groupsOf } from '../layout/groups.ts';
import { neighbourGaps } from '../layout/gaps.ts';
import type { PlannedPiece } from '../model/planned.ts';
import type { Wall } from '../model/wall.ts';

/** Edges further apart than this are not meant to be in line, mm. A choice, no source. */
const MEANT_IN_LINE_MM = 20;

/** A neighbour that hangs already, in line with a piece or nearly so. */
export interface InLine {
	pieceId: string;
	letter: string;
	/** mm by which the piece stands higher than the line they share: their tops, bottoms or middles. */
	higher: number;
}

/** A piece that hangs at the left or right of another, and the gap to it, mm. */
export interface HungBeside {
	piece: PlannedPiece;
	side: 'left' | 'right';
	gap: number;
}

/** What hangs at the left and the right of a piece, the nearest first. */
export function hungBeside(
	pieceId: string,
	rect: Rect,
	pieces: readonly PlannedPiece[],
	wall: { width: number }
): HungBeside[] {
	const hung = pieces.filter((each) => each.hanging && each.pieceId !== pieceId);
	const sides = neighbourGaps(
		rect,
		hung.map((each) => each.rect),
		wall
	);
	return sides
		.flatMap(({ side, from, to }): HungBeside[] => {
			if (side !== 'left' && side !== 'right') return [];
			const piece = hung.find((each) =>
				side === 'left' ? from === right(each.rect) : to === each.rect.x
			);
			return piece ? [{ piece, side, gap: to - from }] : [];
		})
		.toSorted((a, b) => a.gap - b.gap);
}

/**
 * The neighbour at the left or right whose line a piece is seen against: of the three lines the one they meet best.
 * Null where none hangs there yet, or none is in line.
 *
 * @param rect of the piece as it hangs. `wall` in mm.
 */
export function inLineWith(
	pieceId: string,
	rect: Rect,
	pieces: readonly PlannedPiece[],
	wall: { width: number }
): InLine | null {
	const beside = hungBeside(pieceId, rect, pieces, wall).map(({ piece }) => piece);
	const lines = beside
		.flatMap((each) =>
			[top, centreY, ({ y }: Rect) => y].map((line) => ({
				pieceId: each.pieceId,
				letter: each.letter,
				higher: line(rect) - line(each.rect)
			}))
		)
		.toSorted((a, b) => Math.abs(a.higher) - Math.abs(b.higher));
	const [best] = lines;
	return best && Math.abs(best.higher) <= MEANT_IN_LINE_MM ? best : null;
}

/**
 * What a height is seen against: a neighbour in line that hangs; the plan, where others of its group are still to hang by
 * it; null for nothing, where it hangs alone or the others will be measured from it.
 */
export function seenAgainst(
	pieceId: string,
	rect: Rect,
	pieces: readonly PlannedPiece[],
	wall: Pick<Wall, 'width' | 'tape'>
): InLine | 'the-plan' | null {
	const beside = inLineWith(pieceId, rect, pieces, wall);
	if (beside || wall.tape.hung) return beside;
	const group = groupsOf(pieces).find((all) => all.some((each) => each.pieceId === pieceId));
	return group?.some((each) => each.pieceId !== pieceId && !each.hanging) ? 'the-plan' : null;
}
