import { centreX, centreY, right, top, type Rect } from '../base/geometry/rect.ts';
import { GUIDES } from '../../words/en/snap.ts';

/** A line a piece has settled on, to be shown while it is dragged. */
export interface Guide {
	axis: 'x' | 'y';
	at: number;
	to: GuideCode;
	/** The same in words. */
	why: string;
}

type GuideCode = keyof typeof GUIDES;

export interface Snapped {
	dx: number;
	dy: number;
	guides: Guide[];
	/** The piece is centred on the house centre line. */
	onCentreLine: boolean;
}

interface Candidate {
	/** How far to shift. */
	by: number;
	at: number;
	to: GuideCode;
}

/** Offers a line that an edge may come to lie on. */
type Offer = (line: number, edge: number, to: GuideCode) => void;

export interface Settling {
	moving: Rect;
	others: readonly Rect[];
	furniture: readonly Rect[];
	wallWidth: number;
	centreLine: number;
	gap: number;
	/** Places of its hooks right of its left edge, and the studs they may meet, mm. */
	hooks: readonly number[];
	studs: readonly number[];
	/** Farthest shift, mm. */
	reach: number;
}

/**
 * The small shift that settles a dragged piece on what a hanger would align it to: the centre line, the middle and the
 * thirds of the wall, the middle of furniture, neighbours' edges and middles, the house gap, a gap like another, studs.
 * The nearest candidate on each axis wins; ties go to the earlier kind.
 */
export function snapMove(wish: Settling): Snapped {
	const [x, y] = [across, up].map((lines) => nearest(wish, lines));
	return {
		dx: x?.by ?? 0,
		dy: y?.by ?? 0,
		guides: [...(x ? [guide('x', x)] : []), ...(y ? [guide('y', y)] : [])],
		onCentreLine: y?.to === 'centre-line'
	};
}

const guide = (axis: Guide['axis'], { at, to }: Candidate): Guide => ({
	axis,
	at,
	to,
	why: GUIDES[to]
});

function across(wish: Settling, offer: Offer): void {
	const { moving, others, furniture, wallWidth, gap, hooks, studs } = wish;
	const middle = centreX(moving);
	const end = right(moving);
	offer(wallWidth / 2, middle, 'wall-middle');
	for (const rect of furniture) offer(centreX(rect), middle, 'furniture-middle');
	for (const other of others) {
		offer(right(other) + gap, moving.x, 'house-gap');
		offer(other.x - gap, end, 'house-gap');
		offer(centreX(other), middle, 'neighbour-middle');
		offer(other.x, moving.x, 'neighbour-edge');
		offer(right(other), end, 'neighbour-edge');
	}
	evenly(
		offer,
		others.filter((other) => other.y < top(moving) && top(other) > moving.y),
		{ from: moving.x, size: moving.width },
		({ x, width }) => ({ from: x, size: width })
	);
	for (const stud of studs) for (const hook of hooks) offer(stud, moving.x + hook, 'hook-on-stud');
	for (const third of [1, 2]) offer((third * wallWidth) / 3, middle, 'wall-third');
}

function up(wish: Settling, offer: Offer): void {
	const { moving, others, centreLine, gap } = wish;
	const middle = centreY(moving);
	const highest = top(moving);
	offer(centreLine, middle, 'centre-line');
	for (const other of others) {
		offer(top(other) + gap, moving.y, 'house-gap');
		offer(other.y - gap, highest, 'house-gap');
		offer(centreY(other), middle, 'neighbour-middle');
		offer(top(other), highest, 'neighbour-edge');
		offer(other.y, moving.y, 'neighbour-edge');
	}
	evenly(
		offer,
		others.filter((other) => other.x < right(moving) && right(other) > moving.x),
		{ from: moving.y, size: moving.height },
		({ y, height }) => ({ from: y, size: height })
	);
}

interface Stretch {
	from: number;
	size: number;
}

/** Where the gap to the nearest neighbour is the one on the other side, or the one between the two beyond it. */
function evenly(
	offer: Offer,
	row: readonly Rect[],
	{ from, size }: Stretch,
	of: (rect: Rect) => Stretch
): void {
	const stretches = row.map(of).map((each) => ({ from: each.from, to: each.from + each.size }));
	const before = stretches.filter((each) => each.to <= from + size / 2).sort((a, b) => b.to - a.to);
	const after = stretches
		.filter((each) => each.from >= from + size / 2)
		.sort((a, b) => a.from - b.from);
	const [left, beyondLeft] = before;
	const [next, beyondNext] = after;
	if (left && next) offer((left.to + next.from - size) / 2, from, 'even-gap');
	if (left && beyondLeft && left.from > beyondLeft.to)
		offer(left.to + (left.from - beyondLeft.to), from, 'repeated-gap');
	if (next && beyondNext && beyondNext.from > next.to)
		offer(next.from - (beyondNext.from - next.to) - size, from, 'repeated-gap');
}

/** Shifts that differ by less are the same, mm. */
const TIE = 1e-9;

function nearest(wish: Settling, lines: (wish: Settling, offer: Offer) => void): Candidate | null {
	let best: Candidate | null = null;
	let least = wish.reach + TIE;
	lines(wish, (at, edge, to) => {
		const by = at - edge;
		if (Math.abs(by) > least - TIE) return;
		least = Math.abs(by);
		best = { by, at, to };
	});
	return best;
}
