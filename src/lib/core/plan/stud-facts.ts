import type { ProbeFacts } from '../bones/next-probe.ts';
import { FOOLED_BY_LATH } from '../bones/evidence.ts';
import type { Hint } from '../bones/hint.ts';
import { faceOf, type Feature } from '../features/index.ts';
import { right } from '../geometry/rect.ts';
import { memoised } from '../memo.ts';
import type { Wall } from '../model/wall.ts';
import { likelyRuns } from '../survey/runs.ts';
import { substrateOf } from '../substrates/index.ts';

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
