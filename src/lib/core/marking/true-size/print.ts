import { fail } from '../said.ts';
import { oncePerAlike } from './alike.ts';
import { planPaper } from '../cutting/paper.ts';
import type { Styles } from '../marks/styles.ts';
import { ok, type Result } from '../../base/result.ts';
import { drawTemplate } from './draw-template.ts';
import { PRINT_NOTES } from './foot.ts';
import type { Drawing } from './ink.ts';
import { pagesOf, type PaperPage } from './page.ts';
import { rollFrame, sheetFrames, usable, type PageFrame } from './page-frame.ts';
import { fitsOn, sharedPages } from './share-pages.ts';
import type { Paper, Printing, SheetName } from '../../base/schemas/paper.ts';
import { rollDrawing } from './roll.ts';
import type { Template } from './template.ts';
import { MOST_PAGES, tilesOf } from './tiles.ts';

export interface TemplatePrint {
	templates: readonly Template[];
	/** `on` is settled. */
	printing: Printing & { on: SheetName | 'roll' };
	/** The roll, where it is printed on one. */
	paper: Paper;
	styles: Styles;
	/** Whose job and which wall, on every page. */
	title: string;
}

/** Every page of a print of templates, on sheets or on the roll. Errors: those of `tilesOf` and `cutPlan`, `no-templates`, and `too-many-pages`. */
export function printTemplates(print: TemplatePrint): Result<PaperPage[]> {
	if (print.templates.length === 0) return fail('no-templates', {}, 'templates');
	return print.printing.on === 'roll'
		? onRoll(print)
		: onSheets(print, sheetFrames(print.printing.on, print.printing.margins));
}

function onSheets(
	{ templates, printing, styles, title }: TemplatePrint,
	frames: readonly PageFrame[]
): Result<PaperPage[]> {
	const fit = usable(frames);
	if (!fit.ok) return fit;
	const foot = { title, notes: PRINT_NOTES };
	const [upright] = fit.value as [PageFrame];
	const all = (printing.each ? templates : oncePerAlike(templates)).map((template) => ({
		letter: template.letter,
		drawing: drawTemplate(template, styles)
	}));
	const small = all.filter(({ drawing }) => fitsOn(drawing, upright));
	const pages = sharedPages(small, upright, foot);
	for (const { letter, drawing } of all.filter((each) => !small.includes(each))) {
		const tiling = tilesOf(drawing, frames, printing.whole);
		if (!tiling.ok) return tiling;
		pages.push(...pagesOf(drawing, tiling.value, { letter, ...foot }));
		if (pages.length > MOST_PAGES)
			return fail('too-many-pages', { pages: pages.length, most: MOST_PAGES });
	}
	return ok(pages);
}

/** As they are cut from the roll, one page as long as the roll where a page can be. Nothing is folded: each is printed. */
function onRoll({ templates, paper, styles, title }: TemplatePrint): Result<PaperPage[]> {
	const drawings = new Map(
		templates.map((template): [string, Drawing] => [
			template.letter,
			drawTemplate(template, styles)
		])
	);
	const sheets = [...drawings].map(
		([
			id,
			{
				box: { width, height }
			}
		]) => ({ id, width, height })
	);
	const plan = planPaper(sheets, { ...paper, double: false });
	if (!plan.ok) return plan;
	const [{ plan: cut }] = plan.value.rolls as [(typeof plan.value.rolls)[number]];
	const { rollWidth } = paper;
	const drawing = rollDrawing(drawings, cut.placements, { rollWidth, length: cut.length });
	const tiling = tilesOf(drawing, [rollFrame(rollWidth, cut.length)], true);
	if (!tiling.ok) return tiling;
	return ok(pagesOf(drawing, tiling.value, { letter: 'roll', title, notes: PRINT_NOTES }));
}
