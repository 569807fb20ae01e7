import { hitChance, toNearest } from './evidence.ts';
import type { PitchFit, SegmentFit } from './posterior.ts';

/** Farther from a centre than this a nail meets wood by accident only, mm. */
const REACH = 40;
const BY_ACCIDENT = hitChance(REACH);

/** The chance that a nail at x meets wood, for one pitch: over every phase, by its chance. */
export function chanceAt(fit: SegmentFit, pitch: number, x: number): number {
	let chance = BY_ACCIDENT;
	const { chances, step } = fit;
	const count = chances.length;
	const middle = Math.round(x / step);
	const reach = Math.ceil(REACH / step);
	for (let index = middle - reach; index <= middle + reach; index++) {
		const wrapped = ((index % count) + count) % count;
		const r = toNearest(x - wrapped * step, pitch);
		chance += chances[wrapped]! * (hitChance(r) - BY_ACCIDENT);
	}
	return chance;
}

/** The stretch of a fit that x lies in. */
export const segmentAt = ({ segments }: PitchFit, x: number): SegmentFit | undefined =>
	segments.find(({ segment }) => x >= segment.left && x <= segment.right);

/** The chance that a nail at x meets wood, over every pitch and phase; 0 in an opening. */
export function chanceOfWood(fits: readonly PitchFit[], x: number): number {
	return fits.reduce((sum, fit) => {
		const segment = segmentAt(fit, x);
		return segment ? sum + fit.chance * chanceAt(segment, fit.pitch, x) : sum;
	}, 0);
}
