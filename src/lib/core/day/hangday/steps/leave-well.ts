import { fillings } from '../../book/holes.ts';
import { NAIL_HOLE } from '../../../catalogue/details/mends.ts';
import { LIVING_WITH } from '../../job/living-with.ts';
import { oldHoles } from '../../../fixing/choose/old-holes.ts';
import { RUN_SHEET } from '../../../../words/en/run-sheet.ts';
import { centreX, centreY } from '../../../base/geometry/rect.ts';
import { tick, toHang, type StepMaker } from './types.ts';
import { stepId } from './step-id.ts';

/** What is done once everything hangs. Common practice. */
export const leaveWell: StepMaker = (facts) => {
	const needs = toHang(facts).map(({ pieceId }) => ({
		step: stepId({ of: 'lift', pieceId }),
		strict: false
	}));
	const filled = fillings(facts.project.day);
	const toFill = oldHoles(facts.wall, facts.plan.pieces).filter(
		({ feature, carries, behind }) => !carries && !behind && !filled.has(feature.id)
	);
	return [
		...(toFill.length > 0
			? [
					tick(
						{ of: 'after', what: 'holes' },
						'after',
						RUN_SHEET.fill(),
						[
							...toFill.map(({ feature }) =>
								RUN_SHEET.hole({
									name: feature.name,
									x: centreX(feature),
									y: centreY(feature)
								})
							),
							NAIL_HOLE.mend
						],
						needs
					)
				]
			: []),
		tick({ of: 'after', what: 'clean' }, 'after', ...RUN_SHEET.cleanUp(), needs),
		{
			...tick({ of: 'after', what: 'photo' }, 'after', ...RUN_SHEET.photo(), needs),
			asks: { of: 'photo' }
		},
		tick({ of: 'after', what: 'tell' }, 'after', RUN_SHEET.tell(), LIVING_WITH, needs)
	];
};
