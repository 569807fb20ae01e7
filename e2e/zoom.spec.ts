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

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('two fingers look closer, and one press shows the whole wall again', async ({ page }) => {
		await openDemo(page);
		const piece = pieceOn(page, 'C');
		const wide = async () => (await piece.boundingBox())!.width;
		const before = await wide();
		const { x, y, width, height } = (await piece.boundingBox())!;
		const [middle, level] = [x + width / 2, y + height / 2];
		// Until a hand comes near, nothing listens to fingers.
		await page.touchscreen.tap(middle, level + height);
		await expect(page.getByRole('button', { name: 'Closer' })).toBeHidden();
		const cdp = await page.context().newCDPSession(page);
		const fingers = (apart: number) => [
			{ x: middle - apart, y: level + 5 },
			{ x: middle + apart, y: level + 5 }
		];
		await expect(async () => {
			await cdp.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: fingers(20) });
			for (const apart of [30, 45, 60])
				await cdp.send('Input.dispatchTouchEvent', {
					type: 'touchMove',
					touchPoints: fingers(apart)
				});
			await cdp.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
			expect((await wide()) / before).toBeGreaterThan(2);
		}).toPass();
		await page.getByRole('button', { name: 'Fit' }).tap();
		await expect.poll(async () => Math.abs((await wide()) / before - 1)).toBeLessThan(0.1);
	});
});
