import {
	estimateStuds,
	nextProbe,
	type ProbeFacts,
	type Probe,
	type StudEstimate
} from '../bones/index.ts';
import { FOOLED_BY_LATH } from '../bones/evidence.ts';
import { woodCurve } from '../bones/curve.ts';
import type { Hint } from '../bones/hint.ts';
import { faceOf, type Feature } from '../features/index.ts';
import type { Point } from '../geometry/line.ts';
import { right } from '../geometry/rect.ts';
import { memoised } from '../memo.ts';
import type { Wall } from '../model/wall.ts';
import type { Result } from '../result.ts';
import { likelyRuns } from '../survey/runs.ts';
import { substrateOf } from '../substrates/index.ts';

/** What is known of the studs of a wall, and where to look next. */
export interface Bones {
	estimate: Result<StudEstimate>;
	/** Places to try next, the most telling first. */
	probes: Probe[];
	/** The chance that a nail meets wood along the wall; empty where no hint can be read. */
	curve: Point[];
}

/** Whether studs can be looked for: a wall that may have some. */
export const mayHaveStuds = ({ made }: Wall): boolean =>
	made.of === 'unknown' || substrateOf(made).studs !== null;

/** Hints that boxes of the wall give by themselves. */
export const boxHints = memoised((features: readonly Feature[]): Hint[] =>
	features
		.filter((feature) => faceOf(feature).box?.(feature))
		.map((feature) => ({
			id: feature.id,
			kind: 'box',
			left: feature.x,
			right: right(feature),
			y: feature.y + feature.height / 2
		}))
);

const factsFrom = memoised(
	(
		hints: Wall['hints'],
		features: Wall['features'],
		studs: Wall['studs'],
		wallWidth: number,
		lath: boolean,
		avoid: string
	): ProbeFacts => ({
		wallWidth,
		hints: [...hints, ...boxHints(features)],
		...(lath ? { fooled: FOOLED_BY_LATH } : {}),
		...(studs.pitch === null ? {} : { pitches: [studs.pitch] }),
		openings: features
			.filter((feature) => faceOf(feature).breaksStuds)
			.map((feature): [number, number] => [feature.x, right(feature)]),
		pinned: studs.pinned.map(({ x }) => x),
		avoid: JSON.parse(avoid) as [number, number][]
	})
);

/** What the studs are reckoned from; the same object while nothing of it changes. The wall’s own hints come first. */
export function studFacts(wall: Wall): ProbeFacts {
	const avoid = likelyRuns(wall)
		.filter(({ grade }) => grade === 'stop')
		.map(({ rect }) => [rect.x, right(rect)]);
	return factsFrom(
		wall.hints,
		wall.features,
		wall.studs,
		wall.width,
		wall.made.of === 'lath-plaster',
		JSON.stringify(avoid)
	);
}

/** Everything that is told of a wall’s studs. */
export const solveBones = memoised((facts: ProbeFacts): Bones => {
	const curve = woodCurve(facts);
	return {
		estimate: estimateStuds(facts),
		probes: nextProbe(facts),
		curve: curve.ok ? curve.value : []
	};
});
