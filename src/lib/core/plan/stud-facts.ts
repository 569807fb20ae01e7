import type { ProbeFacts } from '../wall/studs/next-probe.ts';
import { usualSpacings } from '../wall/studs/layouts.ts';
import type { HouseRules } from '../model/house-rules.ts';
import { FOOLED_BY_LATH } from '../wall/studs/evidence.ts';
import type { Hint } from '../wall/studs/hint.ts';
import { faceOf, type Feature } from '../wall/features/index.ts';
import { right } from '../base/geometry/rect.ts';
import { memoised, memoisedOn } from '../base/memo.ts';
import type { Wall } from '../model/wall.ts';
import { surveyParts } from '../wall/survey/parts.ts';
import { likelyRuns } from '../wall/survey/runs.ts';
import { substrateOf } from '../wall/substrates/index.ts';

/** Whether studs can be looked for: a wall that may have some. */
export const mayHaveStuds = ({ made }: Wall): boolean =>
	substrateOf(made).unsettled === true || substrateOf(made).studs !== null;

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

/** What the studs are reckoned from; the same object while nothing of it changes. The wall’s own hints come first. */
export const studFacts = (wall: Wall, { units }: Pick<HouseRules, 'units'>): ProbeFacts =>
	factsOf({ wall, units: wall.units ?? units });

const factsOf = memoisedOn(
	({ wall, units }: { wall: Wall; units: HouseRules['units'] }) => [
		...([wall.features, wall.hints, wall.studs] as const),
		...[units, ...surveyParts(wall)]
	],
	({ wall, units }): ProbeFacts => {
		const { hints, features, studs, width, made } = wall;
		return {
			usual: usualSpacings(units, substrateOf(made).resistsNails === true),
			wallWidth: width,
			corners: true,
			unprobed: !substrateOf(made).probed,
			hints: [...hints, ...boxHints(features)],
			...(substrateOf(made).resistsNails ? { fooled: FOOLED_BY_LATH } : {}),
			...(studs.pitch === null ? {} : { pitches: [studs.pitch] }),
			openings: features
				.filter((feature) => faceOf(feature).breaksStuds)
				.map((feature): [number, number] => [feature.x, right(feature)]),
			pinned: studs.pinned.map(({ x }) => x),
			avoid: [
				...likelyRuns(wall).flatMap(({ grade, rect }): [number, number][] =>
					grade === 'stop' ? [[rect.x, right(rect)]] : []
				),
				...features.flatMap((feature): [number, number][] =>
					faceOf(feature).fixed ? [[feature.x, right(feature)]] : []
				)
			]
		};
	}
);
