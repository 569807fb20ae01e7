import { test, type Page } from '@playwright/test';
import { writePhotoZip } from '../src/lib/files/photo-zip.ts';
import { aPhoto, expect, open, openDemo, otherPapers, pieceOn, station } from './support.ts';

/** Keeps a worker’s program from being loaded until it is mended. */
async function breakWorker(page: Page, name: string): Promise<() => void> {
	let broken = true;
	await page.route(`**/workers/${name}.worker-*`, (route) =>
		broken ? route.abort() : route.continue()
	);
	return () => (broken = false);
}

const retry = (page: Page) => page.getByRole('button', { name: 'Try again' }).first();

test('studs that could not be estimated say so, and are tried again', async ({ page }) => {
	const mend = await breakWorker(page, 'bones');
	await openDemo(page);
	await station(page, 'Survey').click();
	await page.getByRole('radio', { name: 'Bones' }).check({ force: true });
	await expect(page.getByText('could not be worked out').first()).toBeVisible();
	mend();
	await retry(page).click();
	await expect(page.getByText('Studs 16"', { exact: false }).first()).toBeVisible();
});

test('a fit to the studs that could not be sought says so, and is tried again', async ({
	page
}) => {
	const mend = await breakWorker(page, 'fit');
	await openDemo(page);
	await station(page, 'Fix').click();
	const fit = page.getByRole('region', { name: 'Fit to the studs' });
	await fit.getByRole('button', { name: 'Fit the arrangement to the studs' }).click();
	await expect(fit.getByText('could not be worked out')).toBeVisible();
	mend();
	await fit.getByRole('button', { name: 'Try again' }).click();
	await expect(fit).toContainText('can have every point in a stud');
});

test('a practice wall that could not be compared says so, and is tried again', async ({ page }) => {
	const mend = await breakWorker(page, 'practice');
	await open(page, '/practice?seed=7');
	await page.getByRole('radio', { name: /name/i }).check({ force: true });
	await page.getByLabel('Place, from the left').fill('30');
	await page.getByRole('button', { name: 'Name it' }).click();
	await page.getByRole('button', { name: 'Lift the board' }).click();
	const result = page.getByTestId('result');
	await expect(result.getByText('could not be worked out')).toBeVisible();
	mend();
	await result.getByRole('button', { name: 'Try again' }).click();
	await expect(result).toContainText('Nails every quarter inch');
});

test('a PDF that could not be written says why, and is written at the next press', async ({
	page
}) => {
	const mend = await breakWorker(page, 'pdf');
	await openDemo(page);
	await station(page, 'Mark').click();
	await otherPapers(page);
	await page.getByText('Templates to print').click();
	await page.getByRole('link', { name: 'Look, then print or save' }).click();
	const save = page.getByRole('button', { name: 'Save as PDF' });
	await save.click();
	await expect(page.getByText('The PDF could not be written')).toBeVisible();
	mend();
	const [file] = await Promise.all([page.waitForEvent('download'), save.click()]);
	expect(file.suggestedFilename()).toMatch(/\.pdf$/);
});

test('a photo that could not be cut says why, and is kept at the next press', async ({ page }) => {
	const mend = await breakWorker(page, 'photo');
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'A').focus();
	await page.getByRole('radio', { name: 'piece', exact: true }).check();
	await page.getByLabel(/Add a photo|Another photo/).setInputFiles(await aPhoto(page));
	const keep = page.getByRole('button', { name: 'Keep this photo' });
	await keep.click();
	await expect(page.getByRole('alert')).toContainText('could not be worked on');
	mend();
	await keep.click();
	await expect(keep).toHaveCount(0);
	await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a zip that could not be opened says why, and nothing of it is kept', async ({ page }) => {
	await breakWorker(page, 'zip');
	const zip = await writePhotoZip({ text: '{}', photos: [] });
	await open(page, '/');
	await page.locator('input[type=file]').setInputFiles({
		name: 'house.zip',
		mimeType: 'application/zip',
		buffer: Buffer.from(await zip.arrayBuffer())
	});
	await expect(page.getByText('The zip file could not be unpacked')).toBeVisible();
});
