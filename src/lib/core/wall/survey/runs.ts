import { CABLE_ZONE_MM, BESIDE_PIPE_MM } from '../../base/figures/surroundings.ts';
import type { Caution, Severity } from '../../base/caution.ts';
import { care, stop } from './said.ts';
import { faceOf, type Feature } from '../features/index.ts';
import { holdsPoint, right, top, type Rect } from '../../base/geometry/rect.ts';
import { memoisedOn } from '../../base/memo.ts';
import { surveyParts } from './parts.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { ceilingAt, ceilingLine, floorAt } from './outline.ts';
import { RUNS } from '../../../words/en/survey.ts';

/** A stretch of wall where something is likely to run. Never a permission to drill elsewhere. */
export interface Run {
	of: 'cable' | 'pipe' | 'duct';
	grade: Severity & ('stop' | 'care');
	rect: Rect;
	/** What it is likely to be, such as “cable straight up or down from the socket”. */
	what: string;
	source: string;
}

const ZONES = 'BS 7671, 522.6.202, in our words';
const PRACTICE = 'common practice';

/**
 * Where cables and pipes are likely: straight up, down and level from sockets, switches and lights; down from
 * radiators; from where one was met; beneath the ceiling and beside corners; anywhere beside wet rooms. A hint, never permission: elsewhere
 * than under BS 7671 cables may run anywhere, and what is on the other face of a thin wall counts too.
 */
export const likelyRuns = memoisedOn(
	(wall: SurveyedWall) => [wall.features, ...surveyParts(wall)],
	(wall): Run[] => [...wall.features.flatMap((feature) => runsOf(feature, wall)), ...edges(wall)]
);

function runsOf(feature: Feature, wall: SurveyedWall): Run[] {
	const { service, met } = faceOf(feature);
	const name = feature.name.toLowerCase();
	if (met) return runsFrom(feature, met(feature), wall);
	if (service === 'cable')
		return [
			{
				of: 'cable',
				grade: 'stop',
				rect: plumb(wall, feature.x, right(feature)),
				what: RUNS.plumb({ of: service, name }),
				source: ZONES
			},
			{
				of: 'cable',
				grade: 'care',
				rect: level(wall, feature),
				what: RUNS.level({ of: service, name }),
				source: ZONES
			}
		];
	if (service === 'pipe')
		return [feature.x, right(feature)].map((x): Run => ({
			of: 'pipe',
			grade: 'stop',
			rect: between(x - BESIDE_PIPE_MM, x + BESIDE_PIPE_MM, floorAt(wall, x), top(feature)),
			what: RUNS.down({ of: service, name }),
			source: PRACTICE
		}));
	if (service === 'duct')
		return [
			{
				of: 'duct',
				grade: 'care',
				rect: plumb(wall, feature.x, right(feature)),
				what: RUNS.plumb({ of: service, name }),
				source: PRACTICE
			}
		];
	return [];
}

/** What was met goes on up or down as a rule, and may turn aside. */
function runsFrom(feature: Feature, of: Run['of'], wall: SurveyedWall): Run[] {
	const { x, y, width, height } = feature;
	const wide = { ...feature, y: y - BESIDE_PIPE_MM, height: height + 2 * BESIDE_PIPE_MM };
	return [
		{
			of,
			grade: 'stop',
			rect: plumb(wall, x - BESIDE_PIPE_MM, x + width + BESIDE_PIPE_MM),
			what: RUNS['met-plumb']({ of }),
			source: PRACTICE
		},
		{
			of,
			grade: 'care',
			rect: level(wall, wide),
			what: RUNS['met-aside']({ of }),
			source: PRACTICE
		}
	];
}

function edges(wall: SurveyedWall): Run[] {
	const strip = (rect: Rect, what: string): Run => ({
		of: 'cable',
		grade: 'care',
		rect,
		what,
		source: ZONES
	});
	return [
		...alongCeiling(wall).map((rect) =>
			strip(rect, RUNS['beneath-ceiling']({ within: CABLE_ZONE_MM }))
		),
		strip(
			plumb(wall, 0, CABLE_ZONE_MM),
			RUNS['beside-corner']({ within: CABLE_ZONE_MM, side: 'left' })
		),
		strip(
			plumb(wall, wall.width - CABLE_ZONE_MM, wall.width),
			RUNS['beside-corner']({ within: CABLE_ZONE_MM, side: 'right' })
		)
	];
}

/** Where a ceiling falls or rises, the strip beneath it is told in pieces no longer than this, mm. A choice, no source. */
const PIECE = 300;

/** The strip beneath the ceiling, whatever its slope. */
function alongCeiling(wall: SurveyedWall): Rect[] {
	const corners = ceilingLine(wall).map(({ x }) => x);
	const ends = [0, ...corners, wall.width]
		.filter((x) => x >= 0 && x <= wall.width)
		.sort((a, b) => a - b);
	return ends.slice(1).flatMap((to, index) => {
		const from = ends[index]!;
		const fall = Math.abs(ceilingAt(wall, to) - ceilingAt(wall, from));
		const pieces = fall < LEVEL_ENOUGH ? 1 : Math.ceil((to - from) / PIECE);
		return Array.from({ length: to > from ? pieces : 0 }, (_, piece): Rect => {
			const [left, right] = [piece, piece + 1].map((at) => from + ((to - from) * at) / pieces);
			const [a, b] = [ceilingAt(wall, left!), ceilingAt(wall, right!)];
			return between(left!, right!, Math.min(a, b) - CABLE_ZONE_MM, Math.max(a, b));
		});
	});
}

/** A ceiling that falls by less is level for this, mm. */
const LEVEL_ENOUGH = 25;

const between = (left: number, to: number, bottom: number, up: number): Rect => ({
	x: left,
	y: bottom,
	width: to - left,
	height: up - bottom
});

/** From floor to ceiling. */
const plumb = (wall: SurveyedWall, left: number, to: number): Rect =>
	between(
		left,
		to,
		Math.min(floorAt(wall, left), floorAt(wall, to)),
		Math.max(ceilingAt(wall, left), ceilingAt(wall, to))
	);

/** Along the wall at the height of a feature, as far as the next doors or windows that cut it off. */
function level(wall: SurveyedWall, { x, y, width, height }: Feature): Rect {
	const cuts = wall.features.filter(
		(other) => faceOf(other).breaksStuds && other.y < y + height && top(other) > y
	);
	const left = Math.max(0, ...cuts.map(right).filter((end) => end <= x));
	const end = Math.min(
		wall.width,
		...cuts.map((cut) => cut.x).filter((start) => start >= x + width)
	);
	return between(left, end, y, y + height);
}

/** What a hole at a place should be warned of; the gravest first. @param hole whose it is, and which of several. */
export function runCautions(
	runs: readonly Run[],
	at: { x: number; y: number },
	hole: { letter: string; point: string | null }
): Caution[] {
	const met = runs.filter(({ rect }) => holdsPoint(rect, at));
	return [...new Map(met.map((run) => [run.what, run])).values()]
		.sort((a, b) => Number(b.grade === 'stop') - Number(a.grade === 'stop'))
		.map(({ grade, of, what, source }) =>
			(grade === 'stop' ? stop : care)(`over-${of}`, { ...hole, what, source })
		);
}
