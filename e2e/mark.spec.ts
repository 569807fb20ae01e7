import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import {
	accessible,
	expect,
	kept,
	measure,
	openDemo,
	otherPapers,
	station,
	tapeFold,
	test
} from './support.ts';

const mark = (page: Page, name: string) => page.getByTestId('mark').filter({ hasText: name });

/** Sheets of paper a PDF of the browser takes. */
const pagesIn = (pdf: Buffer): number =>
	pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;

async function openMark(page: Page) {
	await openDemo(page);
	await station(page, 'Mark').click();
	await expect(mark(page, 'A · left hook')).toBeVisible();
}

test('marks of one level are set from the first, and each is proved by a second measure', async ({
	page
}) => {
	await openMark(page);
	await expect(mark(page, 'A · right hook')).toContainText('7 1/2"');
	await expect(mark(page, 'A · right hook')).toContainText('right of the left hook, level with it');
	const left = mark(page, 'A · left hook');
	await expect(left).toContainText('13 1/4"');
	await left.getByText('Prove it').click();
	// From casing to casing are 92 in: 13 1/4 in and what is left.
	await expect(left).toContainText('78 3/4"');
	await expect(left).toContainText('to the tea room door casing');
	await expect(left).toContainText('to the ceiling');
	await page.getByRole('link', { name: 'Print sheet' }).click();
	await expect(page.getByRole('row', { name: /A right hook/ })).toContainText('+ 7 1/2"');
	await expect(page.getByRole('row', { name: /A right hook/ })).toContainText('level');
});

test('every height reads from a level line of one’s own, which tells what it runs over', async ({
	page
}) => {
	await openMark(page);
	await tapeFold(page);
	await page.getByText('A level line or a laser').click();
	await page.getByRole('button', { name: /up$/ }).first().click();
	await expect(mark(page, 'A · left hook')).toContainText('on your level line');
	await expect(mark(page, 'B · left hook')).toContainText('down from your level line');
	await measure(page.getByLabel('Or at'), '30');
	await expect(mark(page, 'A · left hook')).toContainText('up from your level line');
	await expect(page.getByRole('list', { name: 'What the line runs over' })).toContainText(
		'Console table'
	);
	await accessible(page, 'a level line');
	await kept(page);
	await page.reload();
	await expect(mark(page, 'A · left hook')).toContainText('up from your level line');
});

test('templates are cut from a roll, two at a time, and what does not fit says so', async ({
	page
}) => {
	await openMark(page);
	await otherPapers(page);
	await page.getByText('Paper to cut').click();
	await expect(page.getByText('Paper in all')).toBeVisible();
	await page.getByLabel('Folded double: two alike at once').check();
	await expect(page.getByRole('img', { name: /Roll folded double/ })).toContainText('A + B');
	await accessible(page, 'paper to cut');
	await page.getByLabel('Width of the roll').fill('20');
	await expect(page.getByText('It is wider than the roll')).toBeVisible();
	await page.getByLabel('Width of the roll').fill('36');
	await page.getByRole('link', { name: 'To print, with the order of cuts' }).click();
	await expect(page.getByText(/^Pull out .+ and cut right across/).first()).toBeVisible();
});

test('marks are told as the person’s own tape shows them', async ({ page }) => {
	await openMark(page);
	await expect(mark(page, 'A · left hook')).toContainText('13 1/4"');
	await page.getByRole('button', { name: 'House rules' }).click();
	await measure(page.getByLabel('Your tape’s hook reads too much by'), '1/16');
	await page.keyboard.press('Escape');
	await expect(mark(page, 'A · left hook')).toContainText('13 5/16"');
	// From one hook to the other the tape is not hooked.
	await expect(mark(page, 'A · right hook')).toContainText('7 1/2"');
	await mark(page, 'A · left hook').getByText('Why').click();
	await expect(mark(page, 'A · left hook')).toContainText('- 38" + 1/16" = 13 5/16"');
});

test('strips are printed at true size in parts, with bars to check it by', async ({ page }) => {
	await openMark(page);
	await otherPapers(page);
	await page.getByRole('link', { name: 'Strips' }).click();
	const first = page.getByRole('img', { name: /^Page 1 of \d/ });
	for (const text of ['100 mm', '4 in', 'left side of A', 'left hook: 6 1/4"', 'A, 1 of 2'])
		await expect(first).toContainText(text);
	// Letter on its side, as the SVG says it: 279.4 mm wide.
	await expect(first.locator('svg')).toHaveAttribute('width', '279.4mm');
	// The mirror is too heavy for its hooks as planned: its strip says so.
	await expect(
		page
			.getByRole('img', { name: /^Page/ })
			.getByText(/^C, .*STOP/)
			.first()
	).toBeVisible();
	await accessible(page, 'strips');
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save as PDF' }).click()
	]);
	expect(file.suggestedFilename()).toBe('ferry-house-stair-hall-strips-letter.pdf');
});

test('templates are looked at page by page, then saved as PDF, SVG and DXF', async ({ page }) => {
	await openMark(page);
	await otherPapers(page);
	await page.getByText('Templates to print').click();
	await page.getByRole('radio', { name: 'A4' }).check();
	for (const letter of ['B', 'C', 'D', 'E', 'F', 'G'])
		await page.getByRole('checkbox', { name: letter, exact: true }).uncheck();
	// 20 by 16 in on sheets of 285 by 183 mm room: two across and three up, or three and two upright.
	await expect(page.getByText('6 pages')).toBeVisible();
	await page.getByText('What the printer leaves white').click();
	await measure(page.getByLabel('Top', { exact: true }), '9');
	await expect(page.getByText('These margins leave too little')).toBeVisible();
	await accessible(page, 'templates to print');
	await measure(page.getByLabel('Top', { exact: true }), '1/4');
	await page.getByRole('link', { name: 'Look, then print or save' }).click();
	const first = page.getByRole('img', { name: 'Page 1 of 6: A 1·1' });
	await expect(first).toContainText('100 mm');
	await expect(first).toContainText('left hook: ');
	await accessible(page, 'pages of templates');
	const saved = async (button: string) => {
		const [file] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: button }).click()
		]);
		const bytes = await readFile((await file.path())!);
		return { name: file.suggestedFilename(), start: bytes.subarray(0, 5).toString('latin1') };
	};
	expect(await saved('Save as PDF')).toEqual({
		name: 'ferry-house-stair-hall-templates-a4.pdf',
		start: '%PDF-'
	});
	expect(await saved('SVG')).toEqual({
		name: 'ferry-house-stair-hall-templates-a.svg',
		start: '<svg '
	});
	expect((await saved('DXF')).name).toBe('ferry-house-stair-hall-templates-a.dxf');
});

test('the elevation, the helper’s page and the job papers carry the whole job', async ({
	page
}) => {
	await openMark(page);
	const back = () => page.getByRole('link', { name: 'Back to the marks' }).click();
	await otherPapers(page);
	await page.getByRole('link', { name: 'Elevation' }).click();
	const elevation = page.getByRole('img', { name: /^Page 1 of 1/ });
	// The wall is 168 in wide; A's left edge at 45, the mirror 28 by 38.
	for (const text of ['168"', '45"', '28" × 38"', '1/2 in to the foot', '100 mm'])
		await expect(elevation).toContainText(text);
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save as PDF' }).click()
	]);
	expect(file.suggestedFilename()).toBe('ferry-house-stair-hall-elevation-letter.pdf');
	await accessible(page, 'the elevation');
	await back();

	await otherPapers(page);
	await page.getByRole('link', { name: 'Helper’s page' }).click();
	const rows = page.getByRole('row');
	// Heaviest first: the mirror, by two people.
	await expect(rows.nth(1)).toContainText('C Pier mirror');
	await expect(rows.nth(1)).toContainText('two people');
	await expect(page.getByText('Hammer')).toBeVisible();
	await expect(page.getByText(/^Stop: C\. Choose what C hangs on/)).toBeVisible();
	await accessible(page, 'the helper’s page');
	expect(pagesIn(await page.pdf())).toBe(1);
	await back();

	await otherPapers(page);
	await page.getByRole('link', { name: 'Job papers' }).click();
	await expect(page.getByText(/^About .* h, likely/)).toBeVisible();
	await expect(page.getByText('10 new holes in the wall.')).toBeVisible();
	// What is still to choose is not handed over unsaid.
	await expect(page.getByText(/^Stop: C\. Choose what C hangs on/)).toHaveCount(2);
	await accessible(page, 'job papers');
	expect(pagesIn(await page.pdf())).toBe(3);
	await page.getByRole('radio', { name: 'Hand-over' }).check();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(/handed over/);
	await expect(page.getByRole('row', { name: /Curlew/ })).toContainText('finish nail');
});

test('the floor tape hooks on one edge for a group, the nearest to it, or goes from piece to piece', async ({
	page
}) => {
	await openMark(page);
	await tapeFold(page);
	await page.getByLabel('Floor tape hooked on').selectOption('the nearest solid edge');
	await expect(mark(page, 'A · left hook')).toContainText('left of the tea room door casing');
	await expect(mark(page, 'G · ')).toContainText('left of the tea room door casing');
	await mark(page, 'G · ').getByRole('button').click();
	await expect(page.getByRole('slider', { name: 'Hook of the floor tape' })).toHaveAttribute(
		'aria-valuetext',
		'the tea room door casing'
	);
	await page.getByLabel('Piece to piece').check();
	await expect(mark(page, 'C · left hook')).toContainText(/right of [AB]’s right hook/);
	await kept(page);
	await page.reload();
	await expect(mark(page, 'C · left hook')).toContainText(/right of [AB]’s right hook/);
});
