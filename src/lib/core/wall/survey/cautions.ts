import { SURVEY_SLIP_MM } from '../../base/figures/readings.ts';
import { STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import { LIGHT_LIMITS } from '../light/light-dose.ts';
import { care, note, stop, type Caution } from '../../base/caution.ts';
import { faceOf, type Feature } from '../features/index.ts';
import { overlap, right, top } from '../../base/geometry/rect.ts';
import type { SurveyedWall } from './surveyed-wall.ts';
import { madeCautions, substrateOf } from '../substrates/index.ts';
import { lengthIn } from '../../base/units/say.ts';
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
	return beyond
		? [
				care(
					'feature-outside',
					`The ${name} reaches beyond the wall.`,
					'Check its place and size, and the size of the wall.',
					feature.id
				)
			]
		: [];
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
					`The ${feature.name.toLowerCase()} and the ${other.name.toLowerCase()} overlap.`,
					'Two things cannot be in one place: check where each begins and ends.',
					other.id
				)
			)
	);
}

function readingFaults({ levels: { line, readings }, width, height }: SurveyedWall): Caution[] {
	return readings.flatMap(({ id, x, down, up }) => [
		...(x < 0 || x > width
			? [care('reading-outside', 'A level reading lies beyond the wall.', 'Check its place.', id)]
			: []),
		...(x === 0 && down !== null && Math.abs(down - line) > 1
			? [
					care(
						'line-disagrees',
						`At the left end the line is ${lengthIn(line)} above the floor, but the reading there says ${lengthIn(down)}.`,
						'They are the same measure: correct one of them.',
						id
					)
				]
			: []),
		...(x === 0 && up !== null && Math.abs(line + up - height) > 3
			? [
					care(
						'height-disagrees',
						`At the left end the line and the reading make ${lengthIn(line + up)}, the wall’s height is ${lengthIn(height)}.`,
						'Measure the height again, or the reading up to the ceiling.',
						id
					)
				]
			: [])
	]);
}

function stairFaults({ stairs, width }: SurveyedWall): Caution[] {
	if (!stairs || (stairs.x >= 0 && stairs.x <= width)) return [];
	return [
		care(
			'stairs-outside',
			'The stairs begin beyond the wall.',
			'Measure from the wall’s left end to the face of the first riser.'
		)
	];
}

/** Light that works on paper and canvases bear, lux. Source: CIE 157:2004. */
const PAPER_LUX = LIGHT_LIMITS.medium.lux;
const CANVAS_LUX = LIGHT_LIMITS.low.lux;

/** What a wall calls for before anything is drilled or hung. */
export function wallCautions(wall: SurveyedWall): Caution[] {
	return [
		...madeCautions(wall.made),
		...(wall.wet.length > 0 ? [wet(wall)] : []),
		...(substrateOf(wall.made).studs
			? [
					note(
						'stud-depth',
						'Cables may run through the middle of a stud.',
						`A screw should enter it by at most ${lengthIn(STUD_DEPTH_MM)} (NEC 300.4(D)); local rules win.`
					)
				]
			: []),
		...light(wall.lux)
	];
}

const wet = ({ wet }: SurveyedWall): Caution =>
	(wet.includes('behind') ? stop : care)(
		'wet-room',
		`Pipes are likely in this wall: a kitchen, bath or heating is ${wet.join(' and ')} it.`,
		'Find them with a detector before drilling, know where the water is turned off, and hang nothing that damp would harm. Ask a licensed plumber if in doubt.'
	);

function light(lux: number | null): Caution[] {
	if (lux === null || lux <= PAPER_LUX) return [];
	const round = Math.round(lux);
	return lux <= CANVAS_LUX
		? [
				note(
					'bright',
					`${round} lux falls on this wall: works on paper bear at most ${PAPER_LUX} (CIE 157:2004).`,
					'Hang oils and mirrors here, or lower the light.'
				)
			]
		: [
				care(
					'very-bright',
					`${round} lux falls on this wall: paper bears at most ${PAPER_LUX}, oils ${CANVAS_LUX} (CIE 157:2004).`,
					'Shade it, film the window, or hang only what does not fade.'
				)
			];
}
