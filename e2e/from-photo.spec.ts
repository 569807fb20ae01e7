import { encodeJpeg, Image } from 'image-js';
import { aBack, BACK_PHOTO as SIZE, tapIn } from './rendered.ts';
import { accessible, expect, kept, open, openDemo, station, test } from './support.ts';
import type { Page } from '@playwright/test';

/** A figure as it is told, mm. */
async function told(page: Page, label: string): Promise<number> {
	const row = page.getByRole('list', { name: 'Read from the photo' }).locator('li', {
		hasText: label
	});
	const text = await row.locator('.value').innerText();
	return Number.parseFloat(text.replace(',', '.'));
}

/** Metric, so that figures can be read as numbers. */
async function inMillimetres(page: Page) {
	await page.getByRole('button', { name: 'House rules' }).click();
	await page.getByRole('radio', { name: 'millimetres' }).check();
	await page.keyboard.press('Escape');
}

for (const viewport of [
	{ width: 1280, height: 800 },
	{ width: 390, height: 844 }
])
	test(`new pieces come from photos of their backs, ${viewport.width} wide`, async ({ page }) => {
		await page.setViewportSize({ width: 1280, height: 800 });
		await openDemo(page);
		await inMillimetres(page);
		await page.setViewportSize(viewport);
		await station(page, 'Rack').click();
		const backs = [aBack(11, 600, 800), aBack(12, 457, 356)];
		await page.getByLabel('From photos of the backs').setInputFiles(backs.map(({ file }) => file));
		for (const { scene, corners, hardware } of backs) {
			const field = page.locator('.photo-field');
			await expect(page.getByText('Mark the upper left corner of the frame')).toBeVisible();
			for (const corner of corners) await tapIn(field, corner, SIZE);
			await expect(page.getByText(/^Left ring:/)).toBeVisible();
			for (const mark of hardware) await tapIn(field, mark, SIZE);
			await expect(page.getByText('All is marked')).toBeVisible();
			await expect.poll(() => told(page, 'Pulled drop')).toBeGreaterThan(0);
			expect(Math.abs((await told(page, 'Width')) - scene.width)).toBeLessThan(6);
			expect(Math.abs((await told(page, 'Height')) - scene.height)).toBeLessThan(6);
			const [one, other] = scene.rings;
			expect(Math.abs((await told(page, 'Ring span')) - (other.x - one.x))).toBeLessThan(6);
			if (scene === backs[0]!.scene) await accessible(page, 'measuring a photo');
			if (scene === backs[1]!.scene) {
				await page.getByLabel('Add its front').setInputFiles(backs[1]!.file);
				await expect(page.getByText('Mark the upper left corner', { exact: true })).toBeVisible();
				for (const corner of corners) await tapIn(field, corner, SIZE);
				await page.getByRole('button', { name: 'Use this front' }).click();
				await expect(page.getByText('Another photo of its front')).toBeVisible();
			}
			await page.getByRole('button', { name: 'Use these figures' }).click();
		}
		await expect(page.locator('.whole-sheet')).toHaveCount(0);
		await kept(page);
		// What was measured last is in hand, with its picture.
		await page.getByRole('radio', { name: 'piece' }).check();
		const picture = page.getByRole('region', { name: 'Photo' }).getByRole('img');
		await expect(picture).toBeVisible();
		const shape = await picture.evaluate(
			(img: HTMLImageElement) => img.naturalWidth / img.naturalHeight
		);
		expect(shape).toBeCloseTo(457 / 356, 1);
	});

test('a back is measured by keys alone, beside a tape, and its readings are told', async ({
	page
}) => {
	await openDemo(page);
	await inMillimetres(page);
	await station(page, 'Rack').click();
	await page.locator('[data-piece]').first().press('Enter');
	const { file, corners } = aBack(13, 508, 419);
	await page.getByLabel('Measure from a photo').setInputFiles(file);
	const next = page.getByRole('button', { name: 'Put it in the middle' });
	await expect(next).toBeVisible();
	for (const [index, name] of [
		'upper left',
		'upper right',
		'lower right',
		'lower left'
	].entries()) {
		await next.press('Enter');
		const mark = page.getByRole('button', { name: `${name} corner of the frame` });
		const from = { x: SIZE.width / 2, y: SIZE.height / 2 };
		const { x, y } = corners[index]!;
		for (const [way, by] of [
			[x > from.x ? 'ArrowRight' : 'ArrowLeft', Math.round(Math.abs(x - from.x))],
			[y > from.y ? 'ArrowDown' : 'ArrowUp', Math.round(Math.abs(y - from.y))]
		] as const) {
			for (let step = 0; step < Math.floor(by / 10); step++) await mark.press(`Shift+${way}`);
			for (let step = 0; step < by % 10; step++) await mark.press(way);
		}
	}
	await expect.poll(() => told(page, 'Height')).toBeGreaterThan(0);
	expect(Math.abs((await told(page, 'Height')) - 419)).toBeLessThan(8);
	await page.getByRole('button', { name: 'Use these figures' }).click();
	await page.getByText('Readings, and how sure they are').click();
	await page.getByRole('button', { name: 'Read again: height' }).click();
	await expect(page.getByText('a photo').first()).toBeVisible();
	await kept(page);
});

test('a back is measured by the printed card', async ({ page }) => {
	await openDemo(page);
	await inMillimetres(page);
	await station(page, 'Rack').click();
	const { scene, file, corners, hardware } = aBack(14, 610, 762, 'rings');
	await page.getByLabel('From photos of the backs').setInputFiles(file);
	await page.getByLabel('Sheet in the photo').selectOption('rings');
	await expect(page.getByText('The printed card with four rings was found')).toBeVisible();
	for (const mark of [...corners, ...hardware])
		await tapIn(page.locator('.photo-field'), mark, SIZE);
	await expect(page.getByText('All is marked')).toBeVisible();
	await expect.poll(() => told(page, 'Pulled drop')).toBeGreaterThan(0);
	expect(Math.abs((await told(page, 'Width')) - scene.width)).toBeLessThan(6);
	expect(Math.abs((await told(page, 'Height')) - scene.height)).toBeLessThan(6);
	await page.getByRole('button', { name: 'Use these figures' }).click();
	await kept(page);
});

test('a photo without a sheet says what to do', async ({ page }) => {
	await open(page, '/demo');
	await page.waitForURL(/\/p\//);
	await station(page, 'Rack').click();
	const plain = new Image(400, 300, {
		data: new Uint8Array(400 * 300 * 3).fill(110),
		colorModel: 'RGB'
	});
	await page.getByLabel('From photos of the backs').setInputFiles({
		...{ name: 'plain.jpg', mimeType: 'image/jpeg' },
		buffer: Buffer.from(encodeJpeg(plain))
	});
	await expect(page.getByText('The A4 sheet was not found')).toBeVisible();
	await expect(page.getByText('Mark the upper left corner of the sheet')).toBeVisible();
	await page.getByLabel('Sheet in the photo').selectOption('rings');
	await expect(page.getByText('Mark the middle of the upper left ring')).toBeVisible();
	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Print a card' }).click();
	expect((await saved).suggestedFilename()).toBe('letter-photo-card.pdf');
	await page.getByRole('button', { name: 'Leave it' }).click();
	await expect(page.locator('.whole-sheet')).toHaveCount(0);
});
