import { markStepId, toHang, type StepMaker } from './face.ts';
import { dayProofs } from '../prove.ts';

/** Every mark of a hook that is not in the wall yet, in the order a person walks the wall. */
export const markUp: StepMaker = (facts) => {
	const waiting = toHang(facts);
	const hooks = new Map(
		waiting.flatMap(({ hooks }) =>
			hooks.filter(({ set }) => !set).map((hook) => [hook.id, hook] as const)
		)
	);
	const proofs = dayProofs(facts.wall, facts.plan.pieces).map(({ id }) => ({
		step: id,
		strict: false
	}));
	return facts.plan.marks.flatMap((mark) => {
		const hook = hooks.get(mark.id);
		if (!hook) return [];
		return [
			{
				id: markStepId(hook),
				phase: 'mark' as const,
				title: `${mark.letter} · ${mark.name}`,
				pieceId: mark.pieceId,
				says: [],
				cautions: facts.plan.ofPlace
					.filter(({ hookId }) => hookId === mark.id)
					.map(({ caution }) => caution),
				needs: proofs,
				asks: { of: 'mark' as const, mark }
			}
		];
	});
};
