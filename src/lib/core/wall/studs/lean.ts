import { termOf } from './evidence.ts';
import { moved, spanOf, type Hint } from './hint.ts';
import { likelihoodsOf } from './likelihood.ts';
import type { PitchFit } from './posterior.ts';
import type { Segment } from './segments.ts';

/** Studs that are not plumb, all alike. */
export interface Lean {
	/** mm to the right for each metre up. */
	perMetre: number;
	/** Height at which the studs’ places are told, mm above the level datum. */
	at: number;
}

/** How far a leaning stud stands to the right of its told place at a height, mm; 0 where the height is not known. */
export const leanAt = ({ perMetre, at }: Lean, y: number | null | undefined): number =>
	typeof y === 'number' ? ((y - at) * perMetre) / 1000 : 0;

/** Hints must lie at least this far apart in height to tell a lean, mm. A choice, no source. */
const APART = 600;
/** Usual spread of leans as built, mm per metre; and the most that is looked for. From memory. */
const USUAL = 4;
const MOST = 12;
/** A lean must explain the hints this much better, in log-likelihood. A choice, no source. */
const WORTH = 2;
/** The phase may follow the lean this far, mm. */
const FOLLOW = 25;

/** The lean that fits hints at two heights best, against a usual one of none; null where nothing tells of one. */
export function fittingLean(
	hints: readonly Hint[],
	{ pitch, segments: fits }: PitchFit,
	segments: readonly Segment[]
): Lean | null {
	const heights = hints.flatMap(({ y }) => (typeof y === 'number' ? [y] : []));
	if (heights.length < 4 || Math.max(...heights) - Math.min(...heights) < APART) return null;
	const at = heights.reduce((a, b) => a + b, 0) / heights.length;
	const likelihoods = likelihoodsOf(pitch);
	const worth = (perMetre: number): number => {
		const lean = { perMetre, at };
		return segments.reduce(
			(sum, { left, right }, index) => {
				const log = likelihoods.of(
					hints
						.filter((hint) => spanOf(hint)[0] >= left && spanOf(hint)[1] <= right)
						.map((hint) => termOf(moved(hint, -leanAt(lean, hint.y))))
				);
				const start = fits[index]!.phase;
				let most = -Infinity;
				for (let shift = -FOLLOW; shift <= FOLLOW; shift++)
					most = Math.max(most, log.at(start + shift));
				return sum + most;
			},
			-0.5 * (perMetre / USUAL) ** 2
		);
	};
	const plumb = worth(0);
	let best = { perMetre: 0, log: plumb };
	for (let perMetre = -MOST; perMetre <= MOST; perMetre += 0.5) {
		const log = worth(perMetre);
		if (log > best.log) best = { perMetre, log };
	}
	return best.log - plumb > WORTH ? { perMetre: best.perMetre, at } : null;
}
