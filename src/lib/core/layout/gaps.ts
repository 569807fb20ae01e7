import { centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';

/** Free wall beside a piece, up to its nearest neighbour or the end of the wall. */
export interface Gap {
	side: 'left' | 'right' | 'above' | 'below';
	/** Ends of the gap along its axis, mm; `from` is the smaller. */
	from: number;
	to: number;
	/** Where across its axis it is measured. */
	at: number;
}

/**
 * Gaps to the left and right of a piece, and to neighbours above and below, mm.
 * A neighbour counts when some of it faces the piece. Above and below are left out where there is none.
 */
export function neighbourGaps(rect: Rect, others: readonly Rect[], wall: { width: number }): Gap[] {
	const beside = others.filter((other) => other.y < top(rect) && top(other) > rect.y);
	const stacked = others.filter((other) => other.x < right(rect) && right(other) > rect.x);
	const leftEnd = Math.max(0, ...beside.map(right).filter((x) => x <= rect.x));
	const rightEnd = Math.min(
		wall.width,
		...beside.map(({ x }) => x).filter((x) => x >= right(rect))
	);
	const below = Math.max(...stacked.map(top).filter((y) => y <= rect.y));
	const above = Math.min(...stacked.map(({ y }) => y).filter((y) => y >= top(rect)));
	const level = centreY(rect);
	const plumb = centreX(rect);
	const gaps: Gap[] = [
		{ side: 'left', from: leftEnd, to: rect.x, at: level },
		{ side: 'right', from: right(rect), to: rightEnd, at: level },
		{ side: 'below', from: below, to: rect.y, at: plumb },
		{ side: 'above', from: top(rect), to: above, at: plumb }
	];
	return gaps.filter(({ from, to }) => Number.isFinite(from) && Number.isFinite(to) && to >= from);
}
