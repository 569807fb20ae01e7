import type { Caution } from '../../base/caution.ts';
import type { SheetStep } from './run-sheet.ts';
import type { Step } from './steps/types.ts';

/**
 * What is done in one go with a step, itself first: marks and hooks of one piece on one level, what anyone does before the
 * work and after it, and what follows from levelling. What was done, or waits for something else, is left out.
 */
export function doneTogether(sheet: readonly SheetStep[], item: SheetStep): SheetStep[] {
	const group = [item];
	for (const next of sheet.slice(sheet.indexOf(item) + 1)) {
		if (next.mark || !belongs(item.step, next.step)) break;
		const ready = new Set([...group.map(({ step }) => step), ...item.waitsFor].map(({ id }) => id));
		if (!next.waitsFor.every(({ id }) => ready.has(id))) break;
		group.push(next);
	}
	return group;
}

/** The step that another is done in one go with; itself where it stands alone. */
export function firstTogether(sheet: readonly SheetStep[], item: SheetStep): SheetStep {
	const before = sheet[sheet.indexOf(item) - 1];
	return before && belongs(before.step, item.step) ? firstTogether(sheet, before) : item;
}

function belongs({ asks, phase, pieceId }: Step, next: Step): boolean {
	if (next.phase !== phase || next.pieceId !== pieceId) return false;
	if (phase === 'ready') return asks.of === 'tick' && next.asks.of === 'tick';
	if (phase === 'after') return true;
	if (asks.of === 'level') return next.asks.of === 'tick';
	if (asks.of === 'mark') return next.asks.of === 'mark' && next.asks.mark.levelWith !== null;
	return (
		asks.of === 'set' &&
		next.asks.of === 'set' &&
		next.asks.mark.levelWith !== null &&
		next.asks.hook.kind === asks.hook.kind
	);
}

/** What is said of everything done in one go, each once; `told` was said at a step that is done. */
export function cautionsTogether(
	sheet: readonly SheetStep[],
	group: readonly SheetStep[]
): { told: Caution[]; fresh: Caution[] } {
	const before = sheet
		.slice(0, sheet.indexOf(group[0]!))
		.filter(({ mark }) => mark?.state === 'done');
	const said = new Set(cautionsOf(before).map(sameAs));
	const all = new Map(cautionsOf(group).map((each) => [sameAs(each), each]));
	const isTold = (each: Caution) => said.has(sameAs(each));
	return {
		told: [...all.values()].filter(isTold),
		fresh: [...all.values()].filter((each) => !isTold(each))
	};
}

const cautionsOf = (steps: readonly SheetStep[]): Caution[] =>
	steps.flatMap(({ step }) => step.cautions);

/** The same for cautions that say the same, wherever they apply. */
const sameAs = ({ code, values }: Caution): string => JSON.stringify([code, values]);
