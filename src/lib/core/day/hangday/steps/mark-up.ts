import { ofPlace, stopsOf, toHang, type StepMaker } from './types.ts';
import { markStepId } from './step-id.ts';
import { dayProofs } from '../prove.ts';
import { RUN_SHEET } from '../../../../words/en/run-sheet.ts';

/** Every mark of a hook that is not in the wall yet, in the order a person walks the wall. */
export const markUp: StepMaker = (facts) => {
	const waiting = toHang(facts);
	const hooks = new Map(
		waiting.flatMap((planned) =>
			planned.hooks.filter(({ set }) => !set).map((hook) => [hook.id, { hook, planned }] as const)
		)
	);
	const proofs = dayProofs(facts.wall, facts.plan.pieces).map(({ id }) => ({
		step: id,
		strict: false
	}));
	return facts.plan.marks.flatMap((mark) => {
		const of = hooks.get(mark.id);
		if (!of) return [];
		const { hook, planned } = of;
		return [
			{
				id: markStepId(hook),
				phase: 'mark' as const,
				title: RUN_SHEET.mark(mark),
				pieceId: mark.pieceId,
				says: [],
				cautions: [
					...stopsOf(facts, planned),
					...ofPlace(facts, planned).filter(({ grade }) => grade === 'stop'),
					...facts.plan.placementCautions
						.filter(({ hookId }) => hookId === mark.id)
						.map(({ caution }) => caution)
				],
				needs: proofs,
				asks: { of: 'mark' as const, mark }
			}
		];
	});
};
