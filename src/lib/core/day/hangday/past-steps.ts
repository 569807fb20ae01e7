import { hookOf } from '../../catalogue/facts/index.ts';
import { RUN_SHEET } from '../../../words/en/run-sheet.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import type { DayState, StepMark } from './day-state.ts';
import type { SheetStep } from './run-sheet.ts';
import { getReady } from './steps/get-ready.ts';
import { proveWall } from './steps/prove-wall.ts';
import { hookOfStep } from './steps/step-id.ts';
import { hungSince, type DayFacts, type Phase } from './steps/types.ts';

/** A step of this day that is done and asks nothing any more: the mark of a hook that is set, the hooks of a piece that hangs. */
export interface PastStep {
	/** The same for the same step. */
	id: string;
	phase: Phase;
	title: string;
	mark: StepMark;
}

/** What was done since the day began and is no longer on its sheet, so that the day does not shrink while it is worked. */
export function pastSteps(
	facts: Omit<DayFacts, 'began'>,
	sheet: readonly SheetStep[],
	{ steps, began }: DayState
): PastStep[] {
	if (began === null) return [];
	const done = [...steps].filter(([, { state, at }]) => state === 'done' && at >= began);
	return [
		...atTheStart({ ...facts, began }, sheet, new Map(done)),
		...atTheHooks(facts.plan.pieces, sheet, done)
	];
}

/** What comes before the first mark, once every piece hangs. */
function atTheStart(
	facts: DayFacts,
	sheet: readonly SheetStep[],
	done: ReadonlyMap<string, StepMark>
): PastStep[] {
	const shown = new Set(sheet.map(({ step }) => step.id));
	const pieces = facts.plan.pieces.map((planned) => {
		const { hanging: _, ...waiting } = planned;
		return hungSince(planned, facts.began) ? waiting : planned;
	});
	const before = { ...facts, plan: { ...facts.plan, pieces } };
	return [...proveWall(before), ...getReady(before)].flatMap(({ id, phase, title }) => {
		const mark = done.get(id);
		return mark && !shown.has(id) ? [{ id, phase, title, mark }] : [];
	});
}

function atTheHooks(
	pieces: readonly PlannedPiece[],
	sheet: readonly SheetStep[],
	done: readonly [string, StepMark][]
): PastStep[] {
	const key = (step: string) => {
		const of = hookOfStep(step);
		return of && `${of.does} ${of.hookId}`;
	};
	const shown = new Set(sheet.map(({ step }) => key(step.id)));
	const marks = new Map(done.map(([step, mark]) => [key(step), mark]));
	return (['mark', 'set'] as const).flatMap((phase) =>
		pieces.flatMap(({ letter, hooks }) =>
			hooks.flatMap(({ id, name, kind }) => {
				const step = `${phase} ${id}`;
				const mark = marks.get(step);
				if (!mark || shown.has(step)) return [];
				const title =
					phase === 'mark'
						? RUN_SHEET.mark({ letter, name })
						: RUN_SHEET.set({ letter, name, hook: hookOf(kind).name });
				return [{ id: step, phase, title, mark }];
			})
		)
	);
}
