import { expect, openDemo, pieceOn, test } from './support.ts';

test('the wall is looked at closer by wheel, keys and buttons, and a piece is moved there', async ({
	page
}) => {
	await openDemo(page);
	const piece = pieceOn(page, 'C');
	const wide = async () => (await piece.boundingBox())!.width;
	const before = await wide();
	const box = (await piece.boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y - 20);
	await expect(page.getByRole('button', { name: 'Further' })).toBeDisabled();
	await page.waitForTimeout(300);
	await page.mouse.wheel(0, -400);
	await expect.poll(wide).toBeGreaterThan(before * 1.3);

	await page.keyboard.press('0');
	await expect.poll(async () => Math.abs((await wide()) / before - 1)).toBeLessThan(0.05);
	await page.getByRole('button', { name: 'Closer' }).click();
	await expect.poll(async () => Math.abs((await wide()) / before - 1.5)).toBeLessThan(0.05);

	// An arrow moves it by what it would on the whole wall.
	await piece.focus();
	const at = (await piece.boundingBox())!.x;
	await page.keyboard.press('Shift+ArrowRight');
	await expect.poll(async () => (await piece.boundingBox())!.x).toBeGreaterThan(at);
	await page.getByRole('button', { name: 'Fit' }).click();
	await expect.poll(async () => Math.abs((await wide()) / before - 1)).toBeLessThan(0.05);
});
