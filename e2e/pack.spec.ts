import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { accessible, aPhoto, expect, kept, open, openDemo, station, test } from './support.ts';

const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();
const heading = (page: Page) => page.getByRole('heading', { level: 2 });

async function openPacking(page: Page) {
	await station(page, 'Hang').click();
	await page.getByText('To a phone, and back').click();
}

/** The pack of the wall that is open, as its file. */
async function savePack(page: Page): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
	await openPacking(page);
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		press(page, 'Save the pack')
	]);
	return {
		name: download.suggestedFilename(),
		mimeType: 'application/octet-stream',
		buffer: await readFile(await download.path())
	};
}

test('a wall goes to a phone as a file, and what happens there comes back', async ({
	page,
	browser
}) => {
	await openDemo(page);
	const pack = await savePack(page);
	expect(pack.name).toBe('ferry-house-stair-hall-hang-pack.json');
	await accessible(page, 'the run sheet with its pack');

	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const there = await phone.newPage();
	await open(there, '/receive');
	await there.getByLabel('The hang pack').setInputFiles(pack);
	await expect(there.getByText('7 pieces, 0 things told')).toBeVisible();
	await accessible(there, 'a pack that comes in');
	await press(there, 'Keep it here');
	await there.getByRole('link', { name: 'Begin at the wall' }).click();
	await press(there, 'Skip');
	await press(there, 'Done before');
	await press(there, /simulated laser/);
	await press(there, 'Keep it, next');
	await expect(heading(there)).toContainText('leftmost hook');
	await kept(there);
	await open(there, '/p/demo-ferry-house/stair-hall/hang');
	const back = await savePack(there);

	// Meanwhile the bench says otherwise of the width.
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await press(page, /simulated laser/);
	await press(page, 'Keep it, next');
	await expect(heading(page)).toContainText('The height again');
	await kept(page);
	await open(page, '/receive');
	await page.getByLabel('The hang pack').setInputFiles(back);
	await expect(page.getByText('2 things happened there')).toBeVisible();
	await page.getByLabel(/in the pack: skipped: Done before/).check();
	await expect(page.getByText('4 things happened there')).toBeVisible();
	await accessible(page, 'a pack with a conflict');
	await press(page, 'Take in what happened');
	await expect(page.getByText('2 of 52 steps done')).toBeVisible();
	await expect(page.getByText('skipped: Done before')).toBeVisible();

	await open(page, '/receive');
	await page.getByLabel('The hang pack').setInputFiles(back);
	await expect(page.getByText('Nothing in it is new here.')).toBeVisible();
	await phone.close();
});

test('a wall goes over by codes, which are read in any order', async ({ page, browser }) => {
	await openDemo(page);
	const pack = await savePack(page);
	await press(page, 'Codes to scan');
	const image = page.getByRole('img', { name: /^Code 1 of/ });
	await expect(image).toBeVisible();
	await expect(page.getByText(/A phone cannot reach localhost/)).toBeVisible();
	const { packParts } = await import('../src/lib/files/pack-parts.ts');
	const parts = packParts(JSON.parse(pack.buffer.toString()));
	await expect(image).toHaveAttribute('aria-label', `Code 1 of ${parts.length}`);

	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const there = await phone.newPage();
	for (const [index, part] of [...parts].reverse().entries()) {
		await open(there, `/receive#${part}`);
		if (index < parts.length - 1)
			await expect(there.getByText(`${index + 1} of ${parts.length}`)).toBeVisible();
	}
	await press(there, 'Keep it here');
	await expect(station(there, 'Hang')).toContainText('7 to hang');
	await phone.close();
});

test('what is no pack is refused with a sentence, and a phone without a safe page still hangs', async ({
	browser
}) => {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	await context.addInitScript(() => {
		Object.defineProperty(window, 'isSecureContext', { value: false });
		Reflect.deleteProperty(Navigator.prototype, 'wakeLock');
		Reflect.deleteProperty(Navigator.prototype, 'serviceWorker');
		Reflect.deleteProperty(Navigator.prototype, 'locks');
		Reflect.deleteProperty(Navigator.prototype, 'canShare');
		Object.defineProperty(Crypto.prototype, 'subtle', { value: undefined });
		Object.defineProperty(Crypto.prototype, 'randomUUID', { value: undefined });
	});
	const page = await context.newPage();
	await open(page, '/receive');
	const give = (name: string, text: string) =>
		page
			.getByLabel('The hang pack')
			.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
	await give('shopping.json', 'milk');
	await expect(page.getByRole('alert')).toContainText('shopping.json is not a hang pack');
	await give('other.json', '{"format":"other"}');
	await expect(page.getByRole('alert')).toContainText('This is not a hang pack.');

	await openDemo(page);
	await openPacking(page);
	await expect(page.getByText('This page was not served over HTTPS')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Share' })).toHaveCount(0);
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await expect(page.getByText('This page cannot keep the screen on here')).toBeVisible();
	await press(page, /simulated laser/);
	await press(page, 'Keep it, next');
	await expect(heading(page)).toContainText('The height again');
	await kept(page);
	await context.close();
});

test('a photo from the wall comes back with its pack', async ({ page, browser }) => {
	await openDemo(page);
	const pack = await savePack(page);
	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const there = await phone.newPage();
	await open(there, '/receive');
	await there.getByLabel('The hang pack').setInputFiles(pack);
	await press(there, 'Keep it here');
	await station(there, 'Book').click();
	await there.getByText('Something hangs already?').click();
	await press(there, /^Write these 7/);
	const chart = there.getByTestId('record').filter({ hasText: 'North channel chart' });
	await chart.getByRole('heading').click();
	await chart.getByLabel('Photo of A as it is now').setInputFiles(await aPhoto(there));
	await expect(chart.getByText('Another photo')).toBeVisible();
	await press(there, 'Keep the look');
	await expect(chart.getByRole('img', { name: /^A on / })).toBeVisible();
	await kept(there);
	const back = await savePack(there);
	expect(back.name).toBe('ferry-house-stair-hall-hang-pack.zip');

	await open(page, '/receive');
	await page.getByLabel('The hang pack').setInputFiles(back);
	await expect(page.getByText('7 pieces, 8 things told, 1 photo.')).toBeVisible();
	await press(page, 'Take in what happened');
	await station(page, 'Book').click();
	const here = page.getByTestId('record').filter({ hasText: 'North channel chart' });
	await here.getByRole('heading').click();
	await expect(here.getByRole('img', { name: /^A on / })).toBeVisible();
	await phone.close();
});
