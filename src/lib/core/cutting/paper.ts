import * as z from 'zod/mini';
import { distance, size } from '../model/sizes.ts';
import { ok, type Result } from '../result.ts';
import { cutPlan, type CutPlan, type CutSheet } from './cut-plan.ts';

/** The paper that templates are cut from. */
export const paperSchema = z.object({
	rollWidth: size.check(z.describe('mm')),
	trim: distance.check(z.describe('mm added to each dimension, to cut off')),
	turn: z.boolean().check(z.describe('sheets may lie across the roll')),
	double: z.boolean().check(z.describe('folded double, to cut two alike at once'))
});
export type Paper = z.infer<typeof paperSchema>;

/** Brown paper of 36 in; common practice. A trim of 3/8 in; a choice. */
export const usualPaper: Paper = { rollWidth: 914.4, trim: 9.525, turn: true, double: false };

/** What is cut from paper as it lies, and what from paper folded double. */
export interface PaperPlan {
	single: CutPlan | null;
	/** One sheet of each pair; its length is of paper folded double. */
	double: CutPlan | null;
	/** mm of roll in all. */
	length: number;
}

/** Sheets that differ by less are alike, mm. */
const ALIKE = 0.5;

/** How to cut the templates of pieces from a roll. Errors: those of `cutPlan`. */
export function planPaper(sheets: readonly CutSheet[], paper: Paper): Result<PaperPlan> {
	const { pairs, rest } = paper.double ? paired(sheets) : { pairs: [], rest: sheets };
	const roll = { rollWidth: paper.rollWidth, trim: paper.trim, rotate: paper.turn };
	const single = rest.length > 0 || pairs.length === 0 ? cutPlan({ ...roll, sheets: rest }) : null;
	const double = pairs.length > 0 ? cutPlan({ ...roll, sheets: pairs }) : null;
	if (single && !single.ok) return single;
	if (double && !double.ok) return double;
	return ok({
		single: single?.value ?? null,
		double: double?.value ?? null,
		length: (single?.value.length ?? 0) + 2 * (double?.value.length ?? 0)
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

/** Where the roll can be cut right across, mm from its end: each length is then cut by itself. */
export function crossCuts({ placements, length }: CutPlan): number[] {
	const ends = [...new Set(placements.map(({ y, height }) => y + height))].sort((a, b) => a - b);
	return ends.filter(
		(at) =>
			at < length - 1e-6 &&
			placements.every(({ y, height }) => y >= at - 1e-6 || y + height <= at + 1e-6)
	);
}
