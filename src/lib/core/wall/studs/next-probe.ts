import { PROBE_CLEAR_MM } from '../../base/figures/studs.ts';
import { hitChance, toNearest } from './evidence.ts';
import { fitHints, type StudFacts } from './estimate.ts';
import type { PitchFit, SegmentFit } from './posterior.ts';
import { segmentAt } from './wood.ts';
import { PROBE_TELLS } from '../../../words/en/studs.ts';

/** A place to try next, and what it would tell. */
export interface Probe {
	/** mm from the wall's left end. */
	x: number;
	why: string;
	/** Bits of pitch and phase that a nail there brings on average; 0 or more. */
	gain: number;
}

export interface ProbeFacts extends StudFacts {
	/** Left and right ends of stretches not to nail: cables, pipes. */
	avoid?: readonly (readonly [number, number])[];
	/** No place is advised: how to probe this wall is not known, or not by holes. */
	unprobed?: boolean;
}

/** A nail that tells less than this is not worth its hole, bits. A choice, no source. */
export const WORTH_A_NAIL = 0.005;

/** Places are compared this far apart, mm; those told lie at least APART from each other. */
const STEP = 4;
const APART = 40;
const TOLD = 5;

/** Entropy of a yes or no, bits. */
const bits = (chance: number): number =>
	chance <= 0 || chance >= 1
		? 0
		: -chance * Math.log2(chance) - (1 - chance) * Math.log2(1 - chance);

/** Over the phases of one pitch: the mean chance of wood at x, and the mean entropy of the answer. */
interface Answers {
	chance: Float64Array;
	doubt: Float64Array;
	step: number;
}

/** A nail this near to one that met wood is the same hole, mm. */
const SAME_HOLE = 6;

const NEAR = 40;

function answersOf({ chances, step }: SegmentFit, pitch: number, fooled?: number): Answers {
	const count = chances.length;
	const reach = Math.ceil(NEAR / step);
	const far = { chance: hitChance(NEAR, fooled), doubt: bits(hitChance(NEAR, fooled)) };
	const chance = new Float64Array(count).fill(far.chance);
	const doubt = new Float64Array(count).fill(far.doubt);
	for (let away = -reach; away <= reach; away++) {
		const hit = hitChance(toNearest(away * step, pitch), fooled);
		const [more, unsure] = [hit - far.chance, bits(hit) - far.doubt];
		for (let index = 0; index < count; index++) {
			const weight = chances[(((index - away) % count) + count) % count]!;
			chance[index]! += weight * more;
			doubt[index]! += weight * unsure;
		}
	}
	return { chance, doubt, step };
}

/**
 * Where one more nail tells most: places ranked by the information its answer brings, in bits of pitch and phase.
 * Gain = H(mean chance of wood) - mean H(chance of wood), over every pitch and phase by its chance.
 *
 * Impossible facts give no places. Source: expected information of an experiment (mutual information).
 */
export function nextProbe(facts: ProbeFacts): Probe[] {
	const fitted = fitHints(facts);
	if (facts.unprobed || !fitted.ok) return [];
	const { fits, openings } = fitted.value;
	const answers = new Map(
		fits.flatMap(({ pitch, segments }) =>
			segments.map((fit) => [fit, answersOf(fit, pitch, facts.fooled)])
		)
	);
	const probes: (Probe & { ofPitch: number })[] = [];
	const met = facts.hints.flatMap((hint): [number, number][] =>
		hint.kind === 'hit' ? [[hint.x, hint.x]] : []
	);
	const clear = facts.corners ? PROBE_CLEAR_MM : STEP;
	for (let x = clear; x <= facts.wallWidth - clear; x += STEP) {
		if (outOfReach(x, openings, PROBE_CLEAR_MM) || outOfReach(x, facts.avoid ?? [], 0)) continue;
		if (outOfReach(x, met, SAME_HOLE)) continue;
		let [mean, doubt, givenPitch] = [0, 0, 0];
		for (const fit of fits) {
			const told = answers.get(segmentAt(fit, x)!)!;
			const index = Math.round(x / told.step) % told.chance.length;
			mean += fit.chance * told.chance[index]!;
			doubt += fit.chance * told.doubt[index]!;
			givenPitch += fit.chance * bits(told.chance[index]!);
		}
		const gain = Math.max(bits(mean) - doubt, 0);
		probes.push({ x, gain, why: '', ofPitch: Math.max(bits(mean) - givenPitch, 0) });
	}
	return spreadOut(probes).map(({ ofPitch, ...probe }) => ({
		...probe,
		why: reason(fits, ofPitch, probe)
	}));
}

const outOfReach = (
	x: number,
	stretches: readonly (readonly [number, number])[],
	by: number
): boolean => stretches.some(([from, to]) => x >= from - by && x <= to + by);

function spreadOut<P extends Probe>(probes: P[]): P[] {
	const told: P[] = [];
	for (const probe of [...probes].sort((a, b) => b.gain - a.gain || a.x - b.x)) {
		if (told.every(({ x }) => Math.abs(x - probe.x) >= APART)) told.push(probe);
		if (told.length === TOLD) break;
	}
	return told;
}

function reason(fits: readonly PitchFit[], ofPitch: number, { x, gain }: Probe): string {
	const byChance = [...fits].sort((a, b) => b.chance - a.chance);
	const [first, second] = byChance;
	if (gain < WORTH_A_NAIL) return PROBE_TELLS.little();
	if (segmentAt(fits[0]!, x)!.hints === 0) return PROBE_TELLS.anything();
	if (second && ofPitch > gain / 2)
		return PROBE_TELLS.spacing({ pitch: first!.pitch, other: second.pitch });
	return PROBE_TELLS.edge();
}
