import type { Page } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import {
	formatLength,
	planWallFast,
	startPiece,
	startPlacement,
	startProject,
	stylesOf,
	usualHouseRules,
	type Project,
	type SheetName
} from '../src/lib/core/index.ts';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { expect, kept, open, openAsFile, test } from './support.ts';

let count = 0;
const newId = () => `sheet-${count++}`;

/** So many pieces on two hooks each, in rows on a long wall, to be printed on a paper. */
function wallOf(pieces: number, sheet: SheetName): Project {
	const started = startProject(newId, new Date('2026-01-05'), {
		name: 'Long gallery',
		wall: { name: 'North wall', width: 12_000, height: 3000 },
		houseRules: usualHouseRules
	});
	const letters: string[] = [];
	const rack = Array.from({ length: pieces }, () => {
		const piece = startPiece(newId, letters, { width: 300, height: 200, hanger: 'rings' });
		letters.push(piece.letter);
		return { ...piece, weight: 2 };
	});
	const inRow = Math.ceil(pieces / 4);
	const placements = rack.map(({ id }, index) =>
		startPlacement(id, 400 + (index % inRow) * 360, {
			...{ from: 'centre', at: 900 + 260 * Math.floor(index / inRow) }
		})
	);
	const wall = started.walls[0]!;
	return {
		...started,
		pieces: rack,
		paper: { ...started.paper, printing: { ...started.paper.printing, on: sheet } },
		walls: [{ ...wall, arrangements: [{ ...wall.arrangements[0]!, placements }] }]
	};
}

/** The text of each page as it would come out of the printer. */
async function printed(page: Page): Promise<{ width: number; text: string }[]> {
	const bytes = await page.pdf({ preferCSSPageSize: true });
	const { promise } = getDocument({ data: new Uint8Array(bytes), verbosity: 0 });
	const pdf = await promise;
	const pages = Array.from({ length: pdf.numPages }, async (_, index) => {
		const own = await pdf.getPage(index + 1);
		const { items } = await own.getTextContent();
		const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
		return { width: own.view[2]!, text: text.replace(/\s+/g, ' ') };
	});
	return Promise.all(pages);
}

async function openSheet(page: Page, project: Project, sheet: string): Promise<void> {
	await openAsFile(page, project);
	await kept(page);
	await open(page, `${new URL(page.url()).pathname.replace(/\/[a-z]+$/, '')}/${sheet}`);
	await expect(page.getByText('Not checked')).toHaveCount(0);
	await expect(page.locator('.page').first()).toBeVisible();
}

// A4 is 595 points wide, Letter 612 (ISO 216; ANSI/ASME Y14.1, 8 1/2 in).
for (const [sheet, points] of [
	['a4', 595],
	['letter', 612]
] as const)
	for (const [pieces, most] of [
		[1, 1],
		[7, 1],
		[40, 3],
		[120, 8]
	] as const)
		test(`the marks of ${pieces} pieces take at most ${most} pages of ${sheet}, each truly numbered`, async ({
			page
		}) => {
			const project = wallOf(pieces, sheet);
			await openSheet(page, project, 'sheet');
			const pages = await printed(page);
			expect(pages.length).toBeLessThanOrEqual(most);
			for (const [index, { text, width }] of pages.entries()) {
				expect(text).toContain(`page ${index + 1} of ${pages.length}`);
				expect(Math.round(width)).toBe(points);
			}
			// Every mark of the plan is on one of them, with its own figures.
			const plan = planWallFast(project, project.walls[0]!.id);
			if (!plan.ok) throw new Error(plan.error.code);
			const { lead } = stylesOf(project.houseRules);
			const all = pages.map(({ text }) => text).join(' ');
			const figures = plan.value.marks.map(({ levelWith, across, up }) =>
				levelWith
					? `+ ${formatLength(levelWith.printed, lead)}`
					: `${formatLength(across.printed, lead)} ${Math.round(across.exact.value)} mm ${formatLength(up.printed, lead)}`
			);
			expect(figures.length).toBe(pieces * 2);
			for (const figure of new Set(figures)) {
				const wanted = figures.filter((each) => each === figure).length;
				expect(all.split(figure).length - 1, figure).toBeGreaterThanOrEqual(wanted);
			}
		});

test('what must not be done, and what nobody measured, stands on every sheet that is carried', async ({
	page
}) => {
	// C of the demo is a heavy mirror on a wire, and of A and B the plan chose a figure.
	for (const sheet of ['sheet', 'helper-sheet', 'job-sheet']) {
		await openSheet(page, DEMO, sheet);
		const stops = page.getByRole('list', { name: 'Stop' }).first();
		await expect(stops, sheet).toContainText('Stop: C.');
		await expect(stops, sheet).toContainText('heavy mirror on a wire');
		await expect(
			page.getByRole('list', { name: 'Not measured, or chosen by the plan' }).first(),
			sheet
		).toContainText('Chosen by the plan');
		const [first] = await printed(page);
		expect(first!.text, sheet).toContain('Stop: C.');
	}
});
