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

/**
 * The small shift that settles a dragged piece on what a hanger would align it to:
 * the centre line, the middle of the wall or of furniture, neighbours' edges and middles, the house gap.
 *
 * @param reach farthest shift in mm. The nearest candidate on each axis wins; ties go to the earlier kind.
 */
export function snapMove({
	moving,
	others,
	furniture,
	wallWidth,
	centreLine,
	gap,
	reach
}: {
	moving: Rect;
	others: readonly Rect[];
	furniture: readonly Rect[];
	wallWidth: number;
	centreLine: number;
	gap: number;
	reach: number;
}): Snapped {
	const across: Candidate[] = [
		to(wallWidth / 2, centreX(moving), 'middle of the wall'),
		...furniture.map((rect) => to(centreX(rect), centreX(moving), 'middle of the furniture')),
		...others.flatMap((other) => [
			to(right(other) + gap, moving.x, 'house gap'),
			to(other.x - gap, right(moving), 'house gap'),
			to(centreX(other), centreX(moving), 'neighbour’s middle'),
			to(other.x, moving.x, 'neighbour’s edge'),
			to(right(other), right(moving), 'neighbour’s edge')
		])
	];
	const up: Candidate[] = [
		to(centreLine, centreY(moving), 'centre line'),
		...others.flatMap((other) => [
			to(top(other) + gap, moving.y, 'house gap'),
			to(other.y - gap, top(moving), 'house gap'),
			to(centreY(other), centreY(moving), 'neighbour’s middle'),
			to(top(other), top(moving), 'neighbour’s edge'),
			to(other.y, moving.y, 'neighbour’s edge')
		])
	];
	const x = nearest(across, reach);
	const y = nearest(up, reach);
	return {
		dx: x?.by ?? 0,
		dy: y?.by ?? 0,
		guides: [
			...(x ? [{ axis: 'x' as const, at: x.at, why: x.why }] : []),
			...(y ? [{ axis: 'y' as const, at: y.at, why: y.why }] : [])
		],
		onCentreLine: y?.why === 'centre line'
	};
}

const to = (line: number, edge: number, why: string): Candidate => ({
	by: line - edge,
	at: line,
	why
});

function nearest(candidates: Candidate[], reach: number): Candidate | null {
	let best: Candidate | null = null;
	for (const candidate of candidates) {
		const distance = Math.abs(candidate.by);
		if (distance > reach) continue;
		if (!best || distance < Math.abs(best.by) - 1e-9) best = candidate;
	}
	return best;
}
