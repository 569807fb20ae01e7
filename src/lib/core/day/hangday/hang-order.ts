import { centreX, centreY, type Rect } from '../../base/geometry/rect.ts';
import { groupsOf } from '../../layout/groups.ts';
import type { PlannedPiece } from '../../model/planned.ts';

/**
 * Ids of pieces in the order they go up, each measured from what hangs beside it: group by group from the left, from its
 * middle outwards, so that what is off does not add up along it.
 */
export function hangOrder(pieces: readonly PlannedPiece[]): string[] {
	return groupsOf(pieces).flatMap((group) => {
		const hung = group.filter(({ hanging }) => hanging);
		const order = [...hung].sort((a, b) => a.hanging!.since.localeCompare(b.hanging!.since));
		const waiting = group.filter(({ hanging }) => !hanging);
		while (waiting.length > 0) {
			const from = order.length > 0 ? order.map(({ rect }) => rect) : [middleOf(group)];
			const [next] = waiting.toSorted((a, b) => nearest(a.rect, from) - nearest(b.rect, from));
			order.push(next!);
			waiting.splice(waiting.indexOf(next!), 1);
		}
		return order.map(({ pieceId }) => pieceId);
	});
}

const apart = (a: Rect, b: Rect): number =>
	Math.hypot(centreX(a) - centreX(b), centreY(a) - centreY(b));

const nearest = (rect: Rect, to: readonly Rect[]): number =>
	Math.min(...to.map((other) => apart(rect, other)));

function middleOf(group: readonly PlannedPiece[]): Rect {
	const mean = (of: (rect: Rect) => number) =>
		group.reduce((sum, { rect }) => sum + of(rect), 0) / group.length;
	return { x: mean(centreX), y: mean(centreY), width: 0, height: 0 };
}
