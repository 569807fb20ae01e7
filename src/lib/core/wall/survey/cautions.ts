import { care, note, stop } from './said.ts';
import { SURVEY_SLIP_MM } from '../../base/figures/readings.ts';
import { STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import { LIGHT_LIMITS } from '../light/light-dose.ts';
import type { Caution } from '../../base/caution.ts';
import { faceOf, type Feature } from '../features/index.ts';
import { overlap, right, top } from '../../base/geometry/rect.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { madeCautions, substrateOf } from '../substrates/index.ts';
import { ceilingAt, floorAt } from './outline.ts';

/** What does not agree in a survey, and what to do about it. */
export function surveyFaults(wall: SurveyedWall): Caution[] {
	return [
		...wall.features.flatMap((feature) => misplaced(feature, wall)),
		...collisions(wall.features),
		...readingFaults(wall),
		...stairFaults(wall)
	];
}

function misplaced(feature: Feature, wall: SurveyedWall): Caution[] {
	const name = feature.name.toLowerCase();
	const beyond =
		feature.x < -0.5 ||
		right(feature) > wall.width + 0.5 ||
		feature.y <
			Math.min(floorAt(wall, feature.x), floorAt(wall, right(feature))) - SURVEY_SLIP_MM ||
		top(feature) >
			Math.max(ceilingAt(wall, feature.x), ceilingAt(wall, right(feature))) + SURVEY_SLIP_MM;
	return beyond ? [care('feature-outside', { name }, feature.id)] : [];
}

function collisions(features: readonly Feature[]): Caution[] {
	const fixed = features.filter((feature) => !faceOf(feature).before);
	return fixed.flatMap((feature, index) =>
		fixed
			.slice(index + 1)
			.filter((other) => overlap(feature, other))
			.map((other) =>
				care(
					'features-overlap',
					{ name: feature.name.toLowerCase(), other: other.name.toLowerCase() },
					other.id
				)
			)
	);
}

function readingFaults({ levels: { line, readings }, width, height }: SurveyedWall): Caution[] {
	return readings.flatMap(({ id, x, down, up }) => [
		...(x < 0 || x > width ? [care('reading-outside', {}, id)] : []),
		...(x === 0 && down !== null && Math.abs(down - line) > 1
			? [care('line-disagrees', { line, down }, id)]
			: []),
		...(x === 0 && up !== null && Math.abs(line + up - height) > 3
			? [care('height-disagrees', { line: line + up, height }, id)]
			: [])
	]);
}

function stairFaults({ stairs, width }: SurveyedWall): Caution[] {
	if (!stairs || (stairs.x >= 0 && stairs.x <= width)) return [];
	return [care('stairs-outside')];
}

/** Light that works on paper and canvases bear, lux. Source: CIE 157:2004. */
const PAPER_LUX = LIGHT_LIMITS.medium.lux;
const CANVAS_LUX = LIGHT_LIMITS.low.lux;

/** What a wall calls for before anything is drilled or hung. */
export function wallCautions(wall: SurveyedWall): Caution[] {
	return [
		...madeCautions(wall.made),
		...wet(wall),
		...(substrateOf(wall.made).studs ? [note('stud-depth', { deepest: STUD_DEPTH_MM })] : []),
		...light(wall.lux)
	];
}

/** Pipes of a kitchen or bath beside this wall, or in its room. */
function wet({ wet }: SurveyedWall): Caution[] {
	const sides = wet.filter((side) => side !== 'outside');
	if (sides.length === 0) return [];
	return [(wet.includes('behind') ? stop : care)('wet-room', { sides })];
}

function light(lux: number | null): Caution[] {
	if (lux === null || lux <= PAPER_LUX) return [];
	const round = Math.round(lux);
	return lux <= CANVAS_LUX
		? [note('bright', { round, paper: PAPER_LUX })]
		: [care('very-bright', { round, paper: PAPER_LUX, canvas: CANVAS_LUX })];
}
