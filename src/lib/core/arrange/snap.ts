import { centreX, centreY, right, top, type Rect } from '../geometry/rect.ts';

/** A line a piece has settled on, to be shown while it is dragged. */
export interface Guide {
	axis: 'x' | 'y';
	at: number;
	why: string;
}

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
	why: string;
}

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
	const x = nearest(across(wish), wish.reach);
	const y = nearest(up(wish), wish.reach);
	return {
		dx: x?.by ?? 0,
		dy: y?.by ?? 0,
		guides: [
			...(x ? [{ axis: 'x' as const, at: x.at, why: x.why }] : []),
			...(y ? [{ axis: 'y' as const, at: y.at, why: y.why }] : [])
		],
		onCentreLine: y?.why === CENTRE_LINE
	};
}

const CENTRE_LINE = 'centre line';

function* across(wish: Settling): Generator<Candidate> {
	const { moving, others, furniture, wallWidth, gap, hooks, studs } = wish;
	const middle = centreX(moving);
	const end = right(moving);
	yield to(wallWidth / 2, middle, 'middle of the wall');
	for (const rect of furniture) yield to(centreX(rect), middle, 'middle of the furniture');
	for (const other of others) {
		yield to(right(other) + gap, moving.x, 'house gap');
		yield to(other.x - gap, end, 'house gap');
		yield to(centreX(other), middle, 'neighbour’s middle');
		yield to(other.x, moving.x, 'neighbour’s edge');
		yield to(right(other), end, 'neighbour’s edge');
	}
	yield* evenly(
		others.filter((other) => other.y < top(moving) && top(other) > moving.y),
		{ from: moving.x, size: moving.width },
		({ x, width }) => ({ from: x, size: width })
	);
	for (const stud of studs)
		for (const hook of hooks) yield to(stud, moving.x + hook, 'hook on a stud');
	for (const third of [1, 2]) yield to((third * wallWidth) / 3, middle, 'third of the wall');
}

function* up(wish: Settling): Generator<Candidate> {
	const { moving, others, centreLine, gap } = wish;
	const middle = centreY(moving);
	const highest = top(moving);
	yield to(centreLine, middle, CENTRE_LINE);
	for (const other of others) {
		yield to(top(other) + gap, moving.y, 'house gap');
		yield to(other.y - gap, highest, 'house gap');
		yield to(centreY(other), middle, 'neighbour’s middle');
		yield to(top(other), highest, 'neighbour’s edge');
		yield to(other.y, moving.y, 'neighbour’s edge');
	}
	yield* evenly(
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
function* evenly(
	row: readonly Rect[],
	{ from, size }: Stretch,
	of: (rect: Rect) => Stretch
): Generator<Candidate> {
	const stretches = row.map(of).map((each) => ({ from: each.from, to: each.from + each.size }));
	const before = stretches.filter((each) => each.to <= from + size / 2).sort((a, b) => b.to - a.to);
	const after = stretches
		.filter((each) => each.from >= from + size / 2)
		.sort((a, b) => a.from - b.from);
	const [left, beyondLeft] = before;
	const [next, beyondNext] = after;
	if (left && next) yield to((left.to + next.from - size) / 2, from, 'same gap on both sides');
	if (left && beyondLeft && left.from > beyondLeft.to)
		yield to(left.to + (left.from - beyondLeft.to), from, 'same gap as beside it');
	if (next && beyondNext && beyondNext.from > next.to)
		yield to(next.from - (beyondNext.from - next.to) - size, from, 'same gap as beside it');
}

const to = (line: number, edge: number, why: string): Candidate => ({
	by: line - edge,
	at: line,
	why
});

function nearest(candidates: Iterable<Candidate>, reach: number): Candidate | null {
	let best: Candidate | null = null;
	for (const candidate of candidates) {
		const distance = Math.abs(candidate.by);
		if (distance > reach) continue;
		if (!best || distance < Math.abs(best.by) - 1e-9) best = candidate;
	}
	return best;
}
