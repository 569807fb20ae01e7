import type { Term } from './evidence.ts';
import { likelihoodsOf, type LogLikelihood } from './likelihood.ts';
import type { Spacing } from './layouts.ts';
import type { Segment } from './segments.ts';

/** Coarse phases lie about this far apart, mm. */
const COARSE = 2;
/** Phases are found to this, mm. */
const FINE = 0.1;
/** Coarse peaks within this log-likelihood of the best are looked at closely. */
const WORTH = 4;

/** What a stretch of wall says of the phase, for one pitch. */
export interface SegmentFit {
	segment: Segment;
	hints: number;
	log: LogLikelihood;
	/** Likelihood of one more hint at the phase found. */
	likelihoodOf: (term: Term) => number;
	/** Phase of greatest likelihood, mm from the wall's left end, 0 up to the pitch. */
	phase: number;
	logMax: number;
	/** Distance of the coarse phases, mm, and the chance of each, adding up to 1. */
	step: number;
	chances: Float64Array;
	/** ln of the mean likelihood over all phases. */
	logEvidence: number;
}

interface Peak {
	phase: number;
	logMax: number;
}

/** What all hints say of one pitch. */
export interface PitchFit {
	pitch: number;
	segments: SegmentFit[];
	/** With its odds beforehand. */
	logMax: number;
	/** Its chance among the pitches looked at, with what was expected of them. */
	chance: number;
}

/** Fits every pitch to the hints of each stretch, as likely beforehand as each is usual; the best first. */
export function fitPitches(
	pitches: readonly number[],
	stretches: readonly { segment: Segment; terms: readonly Term[] }[],
	usual: readonly Spacing[] = []
): PitchFit[] {
	const fits = pitches.map((pitch) => {
		const segments = stretches.map(({ segment, terms }) => fitSegment(pitch, segment, terms));
		const expected = Math.log(usual.find((each) => each.pitch === pitch)?.odds ?? 1);
		const sum = (of: (fit: SegmentFit) => number) =>
			segments.reduce((total, fit) => total + of(fit), 0);
		return {
			pitch,
			segments,
			logMax: sum(({ logMax }) => logMax) + expected,
			logEvidence: sum(({ logEvidence }) => logEvidence) + expected
		};
	});
	const most = Math.max(...fits.map(({ logEvidence }) => logEvidence));
	const total = fits.reduce((sum, { logEvidence }) => sum + Math.exp(logEvidence - most), 0);
	return fits
		.map(({ logEvidence, ...fit }) => ({ ...fit, chance: Math.exp(logEvidence - most) / total }))
		.sort((a, b) => b.logMax - a.logMax);
}

function fitSegment(pitch: number, segment: Segment, terms: readonly Term[]): SegmentFit {
	const likelihoods = likelihoodsOf(pitch);
	const log = likelihoods.of(terms);
	const count = Math.ceil(pitch / COARSE);
	const step = pitch / count;
	const coarse = log.along(count, step);
	const most = coarse.reduce((a, b) => Math.max(a, b));
	const chances = coarse.map((value) => Math.exp(value - most));
	const sum = chances.reduce((a, b) => a + b, 0);
	const found = peak(log, coarse, step, pitch, most);
	return {
		segment,
		hints: terms.length,
		log,
		likelihoodOf: (term) => Math.exp(likelihoods.of([term]).at(found.phase)),
		...found,
		step,
		chances: chances.map((value) => value / sum),
		logEvidence: most + Math.log(sum / count)
	};
}

/** The greatest likelihood on the fine grid, looked for round every coarse peak that may hold it. */
function peak(
	log: LogLikelihood,
	coarse: Float64Array,
	step: number,
	pitch: number,
	most: number
): Peak {
	const count = coarse.length;
	let best: Peak = { phase: 0, logMax: -Infinity };
	for (let index = 0; index < count; index++) {
		const here = coarse[index]!;
		const isPeak =
			here >= most - WORTH &&
			here >= coarse[(index + count - 1) % count]! &&
			here > coarse[(index + 1) % count]! - 1e-12;
		if (!isPeak) continue;
		best = finest(log, index * step, pitch, best);
	}
	return best;
}

/** The best phase round a coarse one: first every half mm, then every tenth. */
function finest(log: LogLikelihood, coarse: number, pitch: number, best: Peak): Peak {
	let found = { phase: coarse, logMax: -Infinity };
	for (const [grid, reach] of [
		[5, 3],
		[1, 0.5]
	] as const) {
		const middle = Math.round(found.phase / FINE / grid) * grid;
		const steps = Math.ceil(reach / FINE / grid) * grid;
		for (let fine = middle - steps; fine <= middle + steps; fine += grid) {
			const phase = fine * FINE;
			const logMax = log.at(phase);
			if (logMax > found.logMax + 1e-12) found = { phase, logMax };
		}
	}
	const wrapped = { ...found, phase: ((found.phase % pitch) + pitch) % pitch };
	return wrapped.logMax > best.logMax + 1e-12 ? wrapped : best;
}

/** Reach of a phase's own peak, and the distance at which it is summed, mm. */
const OWN_PEAK = 60;
const SUMMED = 0.5;

/** Spread of the phase within its own peak, mm, and the share of all likelihood that lies there. */
export function spreadOfPhase(
	{ log, phase, chances, step }: SegmentFit,
	pitch: number
): { sd: number; share: number } {
	let [total, first, second] = [0, 0, 0];
	const peakLog = log.at(phase);
	for (let at = -OWN_PEAK; at <= OWN_PEAK; at += SUMMED) {
		const weight = Math.exp(log.at(phase + at) - peakLog);
		total += weight;
		first += weight * at;
		second += weight * at * at;
	}
	const mean = first / total;
	let share = 0;
	for (const [index, chance] of chances.entries()) {
		const away = Math.abs(index * step - phase);
		if (Math.min(away, pitch - away) <= OWN_PEAK) share += chance;
	}
	return { sd: Math.sqrt(Math.max(second / total - mean * mean, 0)), share: Math.min(share, 1) };
}
