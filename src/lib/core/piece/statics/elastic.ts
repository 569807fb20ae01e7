import { bisect } from './solve.ts';

/**
 * Length in mm of a loaded wire that stretches: L = L0(1 + T/EA) with T = W(L−w)/(4v), v = ½√((L−w)² − (S−w)²).
 *
 * The tension the pose asks for falls as L grows, the tension the stretch gives rises, so they meet once,
 * above the ring span; also for a wire cut no longer than the span (L0 ≤ S).
 * Source: Hooke's law and the statics of `hangOnWire`.
 */
export function stretchedLength({
	ringSpan: S,
	hookSpacing: w,
	wireLength: L0,
	weight,
	stiffness
}: {
	ringSpan: number;
	hookSpacing: number;
	wireLength: number;
	weight: number;
	stiffness: number;
}): number {
	const shortest = Math.max(S, L0);
	const surplus = (stretch: number): number => {
		const L = shortest + stretch;
		const rise = Math.sqrt((L - S) * (L + S - 2 * w)) / 2;
		const asked = (weight * (L - w)) / (4 * rise);
		const given = stiffness * (L / L0 - 1);
		return given - asked;
	};
	let high = shortest;
	while (surplus(high) < 0) high *= 2;
	return shortest + bisect(surplus, 0, high);
}
