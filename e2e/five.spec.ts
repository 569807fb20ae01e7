import type { Page } from '@playwright/test';
import { accessible, expect, measure, open, station, test } from './support.ts';

test.use({ viewport: { width: 390, height: 844 } });
const heading = (page: Page) => page.getByRole('heading', { level: 2 });
const onward = (page: Page) =>
	page.getByRole('button', {
		name: /^(Marked, next|(It is|All) in, next|It hangs|It is level, next|Done, next|Photo later, next)$/
	});

/** Presses on from screen to screen until one's heading is like this, and counts them. */
async function through(page: Page, until: RegExp): Promise<number> {
	let screens = 0;
	for (; screens < 60; screens++) {
		const now = await heading(page).innerText();
		if (until.test(now)) return screens;
		if (/again$/.test(now)) {
			const surveyed = await page.locator('.lead').first().innerText();
			await page.getByLabel('What the tape reads').fill(surveyed);
			await page.getByRole('button', { name: 'Keep it, next' }).click();
		} else await onward(page).click();
		await expect(heading(page)).not.toHaveText(now);
	}
	throw new Error(`never came to ${until}`);
}

async function fiveInARow(page: Page): Promise<void> {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await page.getByLabel('Wall width').fill(`14'`);
	await page.getByLabel('Wall height').fill(`8'`);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	const lines = page.getByLabel('A piece a line');
	await lines.fill('5 of 16 x 20, wire on two hooks, wire 2, rings 14 apart 5 down, 6 lb');
	await page.getByRole('button', { name: 'Add 5 pieces' }).click();
	await station(page, 'Hang').click();
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await expect(heading(page)).toHaveText('The width again');
}

test('five pictures are hung in at most twenty-four screens', async ({ page }) => {
	await fiveInARow(page);
	expect(await through(page, /^The wall is done$/)).toBeLessThanOrEqual(24);
});

test('a weight is put right in the midst of the day, and the day goes on where it was', async ({
	page
}) => {
	await fiveInARow(page);
	await through(page, /^B · left hook$/);
	await page.getByRole('button', { name: 'Something’s wrong' }).click();
	await page.getByRole('link', { name: 'Its weight' }).click();
	await expect(page.getByRole('heading', { name: 'B · Piece B' })).toBeVisible();
	await measure(page.getByLabel('Weight by the scale'), '7 lb');
	await page.getByRole('link', { name: 'Back to the wall' }).click();
	await expect(page.getByRole('link', { name: 'Back to the wall' })).toHaveCount(0);
	await expect(heading(page)).toHaveText('B · left hook');
});

test('a screw that is met moves the hole an inch, on the same hook', async ({ page }) => {
	await fiveInARow(page);
	await through(page, /^C · left hook: /);
	const hook = (await heading(page).innerText()).split(': ')[1]!;
	await page.getByRole('button', { name: 'Something’s wrong' }).click();
	await page.getByRole('button', { name: 'I hit metal' }).click();
	await accessible(page, 'metal was met');
	await page.getByRole('button', { name: 'A screw or a nail: move the hole an inch' }).click();
	const ways = page.getByRole('region', { name: 'The next best way' });
	await expect(ways.getByRole('article').first()).toContainText(hook);
	await expect(ways.getByRole('article').first()).toContainText('just aside of the hole');
	await ways.getByRole('button', { name: 'Do it this way' }).first().click();
	await expect(heading(page)).toHaveText('C · left hook');
	await through(page, /^The wall is done$/);
});
