import { mustBeFinite, mustBePositive } from '../../../base/check.ts';
import { MM_PER_INCH, NEWTON_PER_POUND_FORCE } from '../../../base/units/constants.ts';

export type YieldMode = 'Im' | 'Is' | 'II' | 'IIIm' | 'IIIs' | 'IV';

export interface Yield<M extends string = YieldMode> {
	/** N, before the duration of the load is counted. */
	load: number;
	/** How it gives way: wood crushed, the dowel turned, or bent at one place or two. */
	mode: M;
}

/** Newtons per square millimetre in a pound per square inch. */
const MPA_PER_PSI = NEWTON_PER_POUND_FORCE / MM_PER_INCH ** 2;

/** Bending yield strength of nails and wood screws by nominal diameter, in and psi. NDS 2018, table 12A to 12N notes. */
const BENDING: readonly [upTo: number, psi: number][] = [
	[0.142, 100_000],
	[0.177, 90_000],
	[0.236, 80_000],
	[0.273, 70_000],
	[0.344, 60_000],
	[Infinity, 45_000]
];

/** What a fastener thinner than a quarter of an inch is to the yield equations, mm and N. */
export interface Dowel {
	/** Crushing of the wood along the dowel, N/mm. */
	crushing: number;
	/** Bending moment at which it yields, N·mm: F_yb·D³/6. */
	bending: number;
	/** K_D: 2.2 up to 0.17 in, 10·D + 0.5 above. NDS 2018, table 12.3.1B. */
	reduction: number;
}

/** Dowel bearing of wood for D < 1/4 in, MPa: 16600·G^1.84 psi, rounded to 50. NDS 2018, table 12.3.3. */
export const bearingOf = (specificGravity: number): number =>
	Math.round((16_600 * specificGravity ** 1.84) / 50) * 50 * MPA_PER_PSI;

/** A screw or nail in wood, by its nominal and its dowel (root) diameter, mm. */
export function dowelIn(nominal: number, diameter: number, specificGravity: number): Dowel {
	const inches = diameter / MM_PER_INCH;
	const psi = BENDING.find(([upTo]) => nominal / MM_PER_INCH <= upTo + 1e-9)![1];
	return {
		crushing: bearingOf(specificGravity) * diameter,
		bending: (psi * MPA_PER_PSI * diameter ** 3) / 6,
		reduction: inches <= 0.17 ? 2.2 : 10 * inches + 0.5
	};
}

/** Positive root of a·P² + b·P = c. */
export const yieldRoot = (a: number, b: number, c: number): number =>
	(-b + Math.sqrt(b * b + 4 * a * c)) / (2 * a);

/** The mode that gives way first, over the reduction. */
export function weakest<M extends string>(modes: Record<M, number>, reduction: number): Yield<M> {
	const [mode, load] = (Object.entries(modes) as [M, number][]).reduce((a, b) =>
		b[1] < a[1] ? b : a
	);
	return { load: load / reduction, mode };
}

/**
 * Lateral load in N on a nail or wood screw under 1/4 in through a side member into wood, by the yield equations.
 *
 * Im q_m·l_m, Is q_s·l_s; the others the root of A·P² + B·P = C, with a gap g between the members:
 * II 1/4q_s+1/4q_m, l_s/2+g+l_m/2, q_s·l_s²/4+q_m·l_m²/4; IIIm 1/2q_s+1/4q_m, g+l_m/2, M+q_m·l_m²/4;
 * IIIs 1/4q_s+1/2q_m, l_s/2+g, q_s·l_s²/4+M; IV 1/2q_s+1/2q_m, g, 2M; the least over K_D.
 *
 * @param nominal diameter by which it is sold, mm; `dowel` its root (the nominal one where it has no thread);
 * `side` thickness the side member gives, mm; `sideBearing` of it, psi; `main` length in wood, mm, 10 diameters unless said;
 * `gap` between the members, such as a board that carries nothing, mm.
 * Throws RangeError on figures that are not positive, or a gap below 0.
 * Source: NDS 2018, 12.3-1 to 12.3-6; with a gap, AWC Technical Report 12, general dowel equations.
 */
export function lateralYield({
	nominal,
	dowel = nominal,
	specificGravity,
	side,
	sideBearing,
	main = 10 * nominal,
	gap = 0
}: {
	nominal: number;
	dowel?: number;
	specificGravity: number;
	side: number;
	sideBearing: number;
	main?: number;
	gap?: number;
}): Yield {
	mustBePositive({ nominal, dowel, specificGravity, side, sideBearing, main });
	mustBeFinite({ gap });
	if (gap < 0) throw new RangeError(`gap must be at least 0, got ${gap}`);
	const { crushing: qm, bending: M, reduction } = dowelIn(nominal, dowel, specificGravity);
	const qs = sideBearing * MPA_PER_PSI * dowel;
	const turnedInSide = (qs * side * side) / 4;
	const turnedInMain = (qm * main * main) / 4;
	return weakest<YieldMode>(
		{
			Im: qm * main,
			Is: qs * side,
			II: yieldRoot(
				1 / (4 * qs) + 1 / (4 * qm),
				side / 2 + gap + main / 2,
				turnedInSide + turnedInMain
			),
			IIIm: yieldRoot(1 / (2 * qs) + 1 / (4 * qm), gap + main / 2, M + turnedInMain),
			IIIs: yieldRoot(1 / (4 * qs) + 1 / (2 * qm), side / 2 + gap, turnedInSide + M),
			IV: yieldRoot(1 / (2 * qs) + 1 / (2 * qm), gap, 2 * M)
		},
		reduction
	);
}
