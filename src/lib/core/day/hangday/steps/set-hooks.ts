import { fixingOf } from '../../../catalogue/details/index.ts';
import { hookOf } from '../../../catalogue/facts/index.ts';
import { goesBehind } from '../../../fixing/cautions/goes-behind.ts';
import { ofEveryHole } from '../../../fixing/cautions/standing.ts';
import { useOfHook } from '../frozen.ts';
import { RUN_SHEET } from '../../../../words/en/run-sheet.ts';
import { stopsOf, toHang, type StepMaker } from './types.ts';
import { markStepId, setStepId } from './step-id.ts';

/** Every hook, before any piece goes up: hammering shakes the wall. */
export const setHooks: StepMaker = (facts) => {
	const { wall, plan, fixes } = facts;
	return toHang(facts).flatMap((planned) => {
		const fix = fixes.find(({ pieceId }) => pieceId === planned.pieceId);
		const besideHung = wall.tape.hung && plan.pieces.some(({ hanging }) => hanging);
		return planned.hooks.flatMap((hook, index) => {
			const mark = plan.marks.find(({ id }) => id === hook.id);
			if (!mark) return [];
			const { name, onceHeld } = hookOf(hook.kind);
			return [
				{
					id: setStepId(hook),
					phase: 'set' as const,
					title: RUN_SHEET.set({ letter: planned.letter, name: hook.name, hook: name }),
					pieceId: planned.pieceId,
					says: [
						...(besideHung ? [RUN_SHEET.holdWhatHangs()] : []),
						...(onceHeld ? [onceHeld] : []),
						...fixingOf(hook.kind).steps
					],
					cautions: [
						...stopsOf(facts, planned),
						...plan.placementCautions
							.filter(({ hookId }) => hookId === hook.id)
							.map(({ caution }) => caution),
						...(goesBehind(hook.kind)
							? plan.wallCautions.filter(({ grade }) => grade !== 'note')
							: []),
						...ofEveryHole([hook])
					],
					needs: [{ step: markStepId(hook), strict: false }],
					asks: { of: 'set' as const, mark, hook, use: useOfHook(fix, index) }
				}
			];
		});
	});
};
