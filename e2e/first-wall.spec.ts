import { readFile } from 'node:fs/promises';
import {
	expect,
	kept,
	measure,
	open,
	pieceOn,
	readout,
	station,
	survey,
	tapeFold,
	test
} from './support.ts';

test('from an empty browser to the same marks out of a file', async ({ page }) => {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await measure(page.getByLabel('Wall width'), `12' 4"`);
	await measure(page.getByLabel('Wall height'), `8'`);
	await page.getByRole('button', { name: 'Start', exact: true }).click();

	// The piece: 24 by 30, rings 16 apart and 8 down, the wire read at 4 3/4 by one finger.
	const bench = page.getByRole('complementary', { name: 'Bench' });
	await bench.getByLabel('Width').fill('24');
	await bench.getByLabel('Height').fill('30');
	await page.getByRole('button', { name: 'Add a piece' }).click();
	await measure(bench.getByLabel('Ring span'), '16');
	await measure(bench.getByLabel('Rings down'), '8');
	await measure(bench.getByLabel('Pulled drop'), '4 3/4');

	// Centre 57: the bearing 57 + 15 - 4 3/4; the hole 3/4 in above it for a one-nail hook.
	await station(page, 'Mark').click();
	const marks = page.getByTestId('mark');
	await expect(marks).toHaveCount(1);
	await expect(marks.first()).toContainText('67 1/4"');
	await expect(marks.first()).toContainText('68"');

	// Two hooks 8 in apart: the wire rises less, 66 11/32 to the bearing, and the reason is told.
	await station(page, 'Rack').click();
	await bench.getByLabel('How it hangs').selectOption('Wire on two hooks');
	await measure(bench.getByLabel('Between hooks'), '8');
	await expect(bench).toContainText('Read with one finger, hung on two hooks');
	await expect(bench).toContainText('would hang 29/32" too high');
	await station(page, 'Mark').click();
	await expect(marks).toHaveCount(2);
	await expect(marks.first()).toContainText('66 11/32"');
	await expect(marks.first()).toContainText('70"');
	await expect(marks.first()).toContainText('right of the left corner');

	// A door on the right, and the tape on its casing: 74 + 4 - 118 is 40 to the left.
	await survey(page, 'On it');
	await page.getByRole('button', { name: 'Door' }).click();
	await measure(bench.getByLabel('Left edge'), '118');
	await measure(bench.getByLabel('Width', { exact: true }), '30');
	await station(page, 'Mark').click();
	await tapeFold(page);
	await page.getByLabel('Floor tape hooked on').selectOption('the door casing, left edge');
	await expect(marks.last()).toContainText('40"');
	await expect(marks.last()).toContainText('left of the door casing, left edge');
	const told = await marks.allInnerTexts();

	// The sheet prints what the marks say.
	await page.getByRole('link', { name: 'Print sheet' }).click();
	const sheet = page.locator('section.page');
	await expect(sheet).toContainText('left of the door casing, left edge');
	await expect(sheet).toContainText('66 11/32"');
	await page.emulateMedia({ media: 'print' });
	await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
	expect((await page.pdf()).byteLength).toBeGreaterThan(5000);
	await page.emulateMedia({ media: 'screen' });
	await page.getByRole('link', { name: 'Back to the marks' }).click();

	// Reloading finds everything.
	await kept(page);
	await page.reload();
	await expect(marks).toHaveCount(2);
	expect(await marks.allInnerTexts()).toEqual(told);

	// Out to a file, cleared, and in again.
	await page.getByRole('button', { name: /My wall/ }).click();
	const saved = page.waitForEvent('download');
	await page.getByRole('menuitem', { name: 'Export the project file' }).click();
	const file = await saved;
	expect(file.suggestedFilename()).toBe('my-wall.json');
	const text = await readFile(await file.path(), 'utf8');
	await page.getByRole('button', { name: /My wall/ }).click();
	await page.getByRole('menuitem', { name: 'Delete the project' }).click();
	await expect(page.getByText('None yet.')).toBeVisible();
	await page.locator('input[type=file]').setInputFiles({
		name: 'my-wall.json',
		mimeType: 'application/json',
		buffer: Buffer.from(text)
	});
	await expect(pieceOn(page, 'A')).toBeVisible();
	await station(page, 'Mark').click();
	await expect(marks).toHaveCount(told.length);
	expect(await marks.allInnerTexts()).toEqual(told);
	await marks.first().getByRole('button').first().click();
	await expect(readout(page)).toContainText('66 11/32"');
});
