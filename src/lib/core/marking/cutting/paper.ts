import { ok, type Result } from '../../base/result.ts';
import type { Paper } from '../../base/schemas/paper.ts';
import type { CutSheet } from './cut-plan.ts';
import { stripPlan, type StripPlan } from './strip-plan.ts';

/** A length of roll, as it lies or folded double, and what is cut from it. */
export interface Roll {
	folded: boolean;
	/** Of a folded one: one sheet of each pair, and the length of paper folded double. */
	plan: StripPlan;
}

export interface PaperPlan {
	rolls: Roll[];
	/** mm of roll in all. */
	length: number;
}

/** Sheets that differ by less are alike, mm. */
const ALIKE = 0.5;

/** How to cut the templates of pieces from a roll. Errors: those of `cutPlan`. */
export function planPaper(sheets: readonly CutSheet[], paper: Paper): Result<PaperPlan> {
	const { pairs, rest } = paper.double ? paired(sheets) : { pairs: [], rest: sheets };
	const roll = { rollWidth: paper.rollWidth, trim: paper.trim, rotate: paper.turn };
	const rolls: Roll[] = [];
	for (const [folded, of] of [
		[true, pairs],
		[false, rest]
	] as const) {
		if (of.length === 0) continue;
		const plan = stripPlan({ ...roll, sheets: of });
		if (!plan.ok) return plan;
		rolls.push({ folded, plan: plan.value });
	}
	return ok({
		rolls,
		length: rolls.reduce((all, { folded, plan }) => all + plan.length * (folded ? 2 : 1), 0)
	});
}

/** Two alike become one sheet that carries both ids. */
function paired(sheets: readonly CutSheet[]): { pairs: CutSheet[]; rest: CutSheet[] } {
	const rest: CutSheet[] = [];
	const pairs: CutSheet[] = [];
	for (const sheet of sheets) {
		const fellow = rest.findIndex(
			({ width, height }) =>
				Math.abs(width - sheet.width) < ALIKE && Math.abs(height - sheet.height) < ALIKE
		);
		if (fellow < 0) rest.push(sheet);
		else {
			const [other] = rest.splice(fellow, 1) as [CutSheet];
			pairs.push({ ...sheet, id: `${other.id} + ${sheet.id}` });
		}
	}
	return { pairs, rest };
}
