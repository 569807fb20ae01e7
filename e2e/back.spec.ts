import { expect, measure, openDemo, pieceOn, readout, station, test } from './support.ts';

test('a piece turns round, its numbers are the inputs, and its wire is pulled', async ({
	page
}) => {
	await openDemo(page);
	await pieceOn(page, 'B').focus();
	await page.keyboard.press('f');
	await expect(
		page.getByRole('heading', { name: 'B · South channel chart, from the back' })
	).toBeVisible();
	const drop = page.getByLabel('Pulled drop', { exact: true });
	await expect(drop).toHaveValue('1 1/2"');

	const finger = page.getByRole('slider', { name: 'One finger pulling the wire' });
	await finger.focus();
	await page.keyboard.press('PageDown');
	await expect(drop).toHaveValue('1 3/4"');
	await expect(finger).toHaveAttribute('aria-valuetext', '1 3/4" below the top edge');
	const box = (await finger.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + 14);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2, box.y + 40, { steps: 4 });
	await page.mouse.up();
	await expect(drop).not.toHaveValue('1 3/4"');

	// The keyboard shortcut is deaf while a number is typed.
	await drop.focus();
	await page.keyboard.press('f');
	await expect(
		page.getByRole('heading', { name: 'B · South channel chart, from the back' })
	).toBeVisible();
	await page.keyboard.press('Escape');

	await measure(page.getByLabel('Ring span'), '21');
	await expect(page.getByRole('alert').first()).toContainText('as far apart as the piece is wide');
	await expect(readout(page)).toContainText('no mark yet');
	await measure(page.getByLabel('Ring span'), '15');
	await page.getByRole('button', { name: 'Turn it round (F)' }).click();
	await expect(pieceOn(page, 'B')).toBeVisible();
});

test('on a phone the back is drawn large enough to read', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page);
	await pieceOn(page, 'B').focus();
	await page.keyboard.press('f');
	const drop = page.getByLabel('Pulled drop', { exact: true });
	await expect(drop).toBeVisible();
	const frame = page.locator('.drawing svg').first();
	// Its numbers share this height with it.
	await expect.poll(async () => (await frame.boundingBox())?.height ?? 0).toBeGreaterThan(280);
	await page.keyboard.press('f');
	await expect(pieceOn(page, 'B')).toBeFocused();
});

test('another way to hang keeps what was measured', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'F').focus();
	const bench = page.getByRole('complementary', { name: 'Bench' });
	const how = bench.getByLabel('How it hangs');
	await how.selectOption('Two rings on two hooks');
	await expect(bench.getByLabel('Ring span')).toHaveValue('8 1/4"');
	await expect(bench.getByLabel('Left ring down')).toHaveValue('3 1/2"');
	await how.selectOption('Sawtooth on one nail');
	await expect(bench.getByText('Dashed figures are assumed.')).toBeVisible();
	await measure(bench.getByLabel('Teeth down'), '3/8');
	await measure(bench.getByLabel('Off centre'), '1/2');
	await expect(bench).toContainText('off level');
	await page.getByRole('button', { name: /^Undo/ }).click();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(how).toHaveValue('wire-one');
	await expect(bench.getByLabel('Pulled drop')).toHaveValue('1 3/4"');
});

test('the person’s own hook moves the hole, not the bearing', async ({ page }) => {
	await openDemo(page);
	await pieceOn(page, 'F').focus();
	const ofF = page.getByTestId('mark').filter({ hasText: 'F · hook' });
	await station(page, 'Mark').click();
	await expect(ofF).toContainText('lowest point of the hook');
	const hole = () => ofF.getByText(/its hole at/).innerText();
	const typical = await hole();
	await station(page, 'Fix').click();
	const bench = page.getByRole('complementary', { name: 'Bench' });
	await bench.getByText('Its hook as planned now').click();
	const hook = bench.getByRole('combobox', { name: /^Hook used until/ });
	await expect(hook).toHaveValue('picture-hook-1');
	const mark = readout(page).locator('.measure').first();
	const before = await mark.innerText();
	await measure(bench.getByLabel('From the bearing up to the hole'), '1');
	await station(page, 'Mark').click();
	expect(await hole()).not.toEqual(typical);
	await expect(mark).toHaveText(before);
	await station(page, 'Fix').click();
	await bench.getByText('Its hook as planned now').click();
	await bench.getByRole('button', { name: 'Back to typical figures' }).click();
	await expect(bench.getByText('Typical figures.')).toBeVisible();
	await hook.selectOption('Wood screw, 8 gauge');
	await expect(bench.getByText('Drill at the hole')).toBeVisible();
	await expect(bench.getByRole('cell').first()).toContainText('2.6 lb');
	await expect(bench).toContainText('Local codes win.');
});
