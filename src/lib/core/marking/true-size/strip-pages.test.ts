import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { markStrips, type MarkStrip } from '../marks/mark-strip.ts';
import { stylesOf } from '../marks/styles.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { along, type DrawnLine, type DrawnText } from './ink.ts';
import type { PaperPage } from './page.ts';
import { sheetFrames } from './page-frame.ts';
import { usualPrinting } from '../../base/schemas/paper.ts';
import { stripDrawing, stripPages } from './strip-pages.ts';

const styles = stylesOf(DEMO.houseRules);
const frames = sheetFrames('letter', usualPrinting.margins);
const plan = planWallFast(DEMO, 'stair-hall');
if (!plan.ok) throw new Error(plan.error.message);
const strips = markStrips(plan.value.pieces);

function pagesOf(of: readonly MarkStrip[], on = frames): PaperPage[] {
	const pages = stripPages(of, on, styles, 'Job');
	if (!pages.ok) throw new Error(pages.error.message);
	return pages.value;
}
const drawn = (pages: readonly PaperPage[]) => pages.flatMap((page) => page.drawn);
const levels = (pages: readonly PaperPage[]) =>
	drawn(pages).filter((each): each is DrawnLine => each.shape === 'line' && each.pen === 'level');
const texts = (pages: readonly PaperPage[]) =>
	drawn(pages)
		.filter((each): each is DrawnText => each.shape === 'text')
		.map(({ text }) => text);

describe('strips on pages', () => {
	it('are at true size: their parts less what they share add up to the piece', () => {
		for (const strip of strips) {
			const parts = levels(pagesOf([strip])).map(({ points: [a, b] }) => b!.x - a!.x);
			const shared = 10 * (parts.length - 1);
			expect(parts.reduce((a, b) => a + b, 0) - shared, strip.letter).closeTo(strip.length, 1e-6);
		}
	});

	it('carry every hole, at its distance from the left side of the piece', () => {
		const strip = strips[2]!;
		const { ink, box } = stripDrawing(strip, styles);
		const upright = ink.filter(
			(each): each is DrawnLine =>
				each.shape === 'line' && each.pen === 'hole' && each.points[0]!.x === each.points[1]!.x
		);
		expect(upright.map(({ points }) => points[0]!.x)).deep.equal(strip.marks.map(({ at }) => at));
		expect(box.width).least(strip.length);
		// The mirror is 28 in wide; its hooks 10 in apart about its middle.
		expect(texts(pagesOf([strip]))).include.members(['left hook: 9"', 'right hook: 19"']);
	});

	it('say where they belong: which side, which part goes on which, and how far below the top', () => {
		const said = texts(pagesOf([strips[0]!]));
		expect(said).include.members([
			'left side of A',
			'right side of A',
			'cut, lay on 2',
			'1 to here'
		]);
		// 20 in on the 267 mm of a sheet on its side: two parts.
		const lines = said.filter((text) => /^A, [12] of 2: line .* below the top$/.test(text));
		expect(lines).lengthOf(2);
	});

	it('say what of the back was not measured', () => {
		const known = new Map([[strips[1]!.pieceId, 'Not measured: ring span']]);
		const pages = stripPages(strips, frames, styles, 'Job', new Set(), known);
		const said = pages.ok ? texts(pages.value) : [];
		const told = said.filter((text) => text.includes('Not measured: ring span'));
		expect(told.length).above(0);
		expect(told.every((text) => text.startsWith(strips[1]!.letter))).equal(true);
	});

	it('say stop where the piece must not be hung as planned', () => {
		const stopped = new Set([strips[2]!.pieceId]);
		const pages = stripPages(strips, frames, styles, 'Job', stopped);
		const said = pages.ok ? texts(pages.value).filter((text) => text.includes('STOP')) : [];
		expect(said.length).above(0);
		for (const text of said) expect(text).match(/^C, /);
	});

	it('stay on their page, clear of its foot, one under the other', () => {
		const many = Array.from({ length: 9 }, (_, index) => ({ ...strips[2]!, letter: `M${index}` }));
		const pages = pagesOf(many);
		expect(pages.length).above(1);
		for (const { drawn, window } of pages) {
			for (const { x, y } of drawn.flatMap(along)) {
				expect(x).within(window.x - 1e-6, window.x + window.width + 1e-6);
				expect(y).within(window.y - 1e-6, window.y + window.height + 1e-6);
			}
		}
		expect(levels(pages)).lengthOf(9 * levels(pagesOf([strips[2]!])).length);
	});

	it('take no page where no piece needs one, and are refused without room', () => {
		expect(pagesOf([])).deep.equal([]);
		const rims = { left: 90, right: 90, top: 100, bottom: 100 };
		const refused = stripPages(strips, sheetFrames('a4', rims), styles, 'Job');
		expect(!refused.ok && refused.error.code).equal('no-room');
	});
});
