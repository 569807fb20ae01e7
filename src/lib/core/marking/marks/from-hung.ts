import { memoised } from '../../base/memo.ts';
import { right, top, type Rect } from '../../base/geometry/rect.ts';
import { groupsOf } from '../../layout/groups.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { HOOKED_AT } from '../../../words/en/marks.ts';
import { markedPoint } from './marked-point.ts';

/** The piece that hangs which another is measured from: which of its edges, and where they are planned, mm. */
export interface HungAnchor {
	pieceId: string;
	across: { edge: 'left' | 'right'; at: number; label: string };
	up: { edge: 'top' | 'bottom'; at: number; label: string };
}

/**
 * What each piece is measured from, by its id: the nearest piece of its group that hung before it, so that the gap and
 * the line which an eye sees rest on one measure each. None for the first of a group.
 */
export const hungAnchors = memoised(
	(pieces: readonly PlannedPiece[]): ReadonlyMap<string, HungAnchor> =>
		new Map(
			groupsOf(pieces.filter(({ hooks }) => hooks.length > 0)).flatMap((group) =>
				group.flatMap((own): [string, HungAnchor][] => {
					const before = group.filter((each) => hungBefore(each, own));
					const [nearest] = before.toSorted(
						(a, b) => apart(own.rect, a.rect) - apart(own.rect, b.rect)
					);
					return nearest ? [[own.pieceId, anchorAt(own, nearest)]] : [];
				})
			)
		)
);

const hungBefore = (each: PlannedPiece, own: PlannedPiece): boolean =>
	each !== own &&
	each.hanging !== undefined &&
	(own.hanging === undefined || each.hanging.since < own.hanging.since);

/** Distance from outline to outline, mm; what stands side by side is nearer than what is as far above. */
function apart(a: Rect, b: Rect): number {
	const along = Math.max(b.x - right(a), a.x - right(b), 0);
	const upright = Math.max(b.y - top(a), a.y - top(b), 0);
	return Math.hypot(along, upright * ABOVE_COUNTS);
}

/** A piece above or below counts as so much further away: a line is seen more than a column. A choice, no source. */
const ABOVE_COUNTS = 1.5;

function anchorAt({ hooks }: PlannedPiece, { pieceId, letter, rect }: PlannedPiece): HungAnchor {
	const mark = markedPoint(hooks[0]!);
	const name = HOOKED_AT.piece({ letter });
	const nearer = (a: number, b: number, to: number) => Math.abs(a - to) <= Math.abs(b - to);
	const edge = nearer(rect.x, right(rect), mark.x) ? 'left' : 'right';
	const level = nearer(top(rect), rect.y, mark.y) ? 'top' : 'bottom';
	return {
		pieceId,
		across: {
			edge,
			at: edge === 'left' ? rect.x : right(rect),
			label: HOOKED_AT['side-of']({ name, edge })
		},
		up: {
			edge: level,
			at: level === 'top' ? top(rect) : rect.y,
			label: HOOKED_AT['edge-of']({ name, edge: level })
		}
	};
}
