import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { hungDemo } from './hung-demo.ts';
import { accessible, expect, kept, openAsFile, openDemo, station, test } from './support.ts';

const part = (page: Page, name: string) => page.getByRole('radio', { name, exact: true });
const record = (page: Page, text: string) => page.getByTestId('record').filter({ hasText: text });

/** Opens the stair hall as it was hung in May, in the Book. */
async function openBook(page: Page) {
	await openAsFile(page, hungDemo());
	await station(page, 'Book').click();
	await expect(record(page, 'Pier mirror')).toBeVisible();
}

test('each hanging has its record: on what, how far it is used, and when to look again', async ({
	page
}) => {
	await openBook(page);
	await expect(page.getByTestId('record')).toHaveCount(7);
	await expect(record(page, 'Redshank')).toContainText('a job: A corner of the frame opens');
	await expect(record(page, 'Turnstone')).toContainText('came down 3 Oct 2026: lent to the school');
	const chart = record(page, 'North channel chart');
	await expect(chart).toContainText('look at it by 14 Sep 2027');
	await chart.getByRole('heading').click();
	await expect(chart).toContainText('2 × one-nail picture hook');
	await expect(chart.getByRole('row', { name: /left hook/ })).toContainText('4.9 lb');
	await accessible(page, 'a record');

	await chart.getByRole('radio', { name: 'a job' }).check();
	await chart.getByRole('button', { name: 'Keep the look' }).click();
	await expect(chart).toContainText('Say what is to be done.');
	await chart.getByLabel('In words').fill('Bumper lost at the lower left');
	await chart.getByRole('button', { name: 'Keep the look' }).click();
	await expect(chart).toContainText('a job: Bumper lost');
	await chart.getByLabel('Worth, for insurance').fill('260');
	await chart.getByLabel('Worth, for insurance').press('Enter');
	await chart.getByPlaceholder('why it comes down').fill('to mend it');
	await chart.getByRole('button', { name: 'Take it down' }).click();
	await expect(chart).toContainText('to mend it');
	await kept(page);
	await page.reload();
	await expect(chart).toContainText('to mend it');
});

test('the wall as it was, its holes, and what happened', async ({ page }) => {
	await openBook(page);
	await part(page, 'history').check();
	await expect(
		page.getByText('G was taken down: lent to the school at the landing.')
	).toBeVisible();
	await page.getByLabel('The wall as it was at the end of').fill('2026-06-01');
	await expect(
		page.getByRole('img', { name: 'Stair hall then: 7 hang, 0 holes left' })
	).toBeVisible();
	await accessible(page, 'the wall as it was');
	await page.getByLabel('The wall as it was at the end of').fill('2026-10-20');
	await expect(
		page.getByRole('img', { name: 'Stair hall then: 6 hang, 1 holes left' })
	).toBeVisible();
	await page.getByRole('button', { name: 'As it is now' }).click();
	await part(page, 'holes').check();
	await expect(page.getByText('· G: a nail hole')).toBeVisible();
	await page.getByRole('button', { name: 'It is filled' }).click();
	await expect(page.getByText('No hole is left to fill')).toBeVisible();
	await accessible(page, 'holes');
});

test('reports are saved, and the condition sheets tell what was found', async ({ page }) => {
	await openBook(page);
	await part(page, 'reports').check();
	await expect(page.getByText('6 pieces hang; 1 without a value.')).toBeVisible();
	const saved = async (name: string) => {
		const [download] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name, exact: true }).click()
		]);
		return { name: download.suggestedFilename(), bytes: await readFile(await download.path()) };
	};
	const csv = await saved('CSV');
	expect(csv.name).toBe('ferry-house-inventory.csv');
	expect(csv.bytes.toString()).toContain('Pier mirror');
	expect((await saved('PDF')).bytes.subarray(0, 5).toString()).toBe('%PDF-');
	expect((await saved('Reminders (ICS)')).bytes.toString()).toContain(
		'SUMMARY:Look at C\\, Pier mirror'
	);
	expect((await saved('Overdue, PDF')).name).toBe('ferry-house-to-look-over.pdf');
	await accessible(page, 'reports');
	await page.getByRole('link', { name: 'Condition sheets' }).click();
	await expect(page.getByText('Gilding worn at the lower left corner')).toBeVisible();
	await accessible(page, 'condition sheets');
});

test('care tells the light of a year by what is read, its lamp and its air', async ({ page }) => {
	await openBook(page);
	await part(page, 'care').check();
	await page.getByRole('button', { name: /^A · North channel chart no light read/ }).click();
	await expect(page.getByText('No light was read here yet')).toBeVisible();
	await page.getByLabel('Light harms it').selectOption('medium');
	await page.getByLabel('Lux on it').fill('120');
	// 120 · 8 · 365 = 350 400 of 150 000 lux hours.
	await expect(page.getByText('of the light it may have in a year')).toContainText('234 %');
	await expect(page.getByText('120 lux is over the 50 it bears')).toBeVisible();
	await page.getByLabel('Hours lit a day').fill('25');
	await expect(page.getByText('There are from 0 to 24 hours.')).toBeVisible();
	await page.getByLabel('Hours lit a day').fill('3');
	await expect(page.getByText('of the light it may have in a year')).toContainText('88 %');
	await expect(page.getByRole('heading', { name: 'A lamp for it' })).toBeVisible();
	await expect(page.getByText(/comes down at 30° from plumb/)).toContainText('candela');
	await accessible(page, 'care');
	await page.getByRole('button', { name: 'All pieces' }).click();
	await expect(page.getByRole('button', { name: /^A · North channel chart/ })).toContainText(
		'88 % of a year’s light'
	);
	await accessible(page, 'the light of a wall');
	await part(page, 'what hangs').check();
	await record(page, 'North channel chart').getByRole('heading').click();
	await expect(record(page, 'North channel chart')).toContainText(
		'It gets 88 % of a year’s light: more than it bears'
	);
});

test('what hangs already is written in the Book without a day at the wall', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Book').click();
	await page.getByText('Something hangs already?').click();
	await page.getByLabel('F', { exact: true }).uncheck();
	await page.getByLabel(/They hang since/).fill('2199-01-01');
	const write = page.getByRole('button', { name: 'Write these 6 in the Book' });
	await write.click();
	await expect(page.getByText('That day is still to come.')).toBeVisible();
	await accessible(page, 'what hangs already');
	await page.getByLabel(/They hang since/).fill('2019-05-02');
	await write.click();
	await expect(page.getByTestId('record')).toHaveCount(6);
	await expect(record(page, 'North channel chart')).toContainText('since 2 May 2019');
	await expect(station(page, 'Book')).toContainText('6 to look at');
	await expect(station(page, 'Hang')).toContainText('1 to hang');
});
