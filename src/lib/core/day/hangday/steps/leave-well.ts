import { fillings } from '../../book/holes.ts';
import { NAIL_HOLE } from '../../../catalogue/details/mends.ts';
import { LIVING_WITH } from '../../job/living-with.ts';
import { oldHoles } from '../../../fixing/choose/old-holes.ts';
import { lengthToken } from '../../../base/units/say.ts';
import { centreX, centreY } from '../../../base/geometry/rect.ts';
import { liftStepId, tick, toHang, type StepMaker } from './types.ts';

/** What is done once everything hangs. Common practice. */
export const leaveWell: StepMaker = (facts) => {
	const needs = toHang(facts).map(({ pieceId }) => ({ step: liftStepId(pieceId), strict: false }));
	const filled = fillings(facts.project.day);
	const toFill = oldHoles(facts.wall, facts.plan.pieces).filter(
		({ feature, carries, behind }) => !carries && !behind && !filled.has(feature.id)
	);
	return [
		...(toFill.length > 0
			? [
					tick(
						'after:holes',
						'after',
						'Fill the holes that stay in sight',
						[
							...toFill.map(
								({ feature }) =>
									`${feature.name}, ${lengthToken(centreX(feature))} from the left corner, ${lengthToken(centreY(feature))} up from the level datum.`
							),
							NAIL_HOLE.mend
						],
						needs
					)
				]
			: []),
		tick(
			'after:clean',
			'after',
			'Clean up',
			[
				'Take the tape off slowly, back on itself; wipe pencil and dust from the wall.',
				'Wipe glass with a cloth, not with a spray. Count the tools.'
			],
			needs
		),
		{
			...tick(
				'after:photo',
				'after',
				'Step back and take a photo',
				[
					'From where people stand: look for what is level but looks crooked beside a ceiling or a door.',
					'A photo of the whole wall belongs to the record.'
				],
				needs
			),
			asks: { of: 'photo' }
		},
		tick('after:tell', 'after', 'Tell those who live with it', LIVING_WITH, needs)
	];
};
