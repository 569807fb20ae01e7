import { writeFile } from 'node:fs/promises';
import { chromium, type Page } from '@playwright/test';
import { accessible, expect, open, openDemo, station, test } from './support.ts';

/** Side of the filmed picture, pixels. */
const SIDE = 640;

/** Brightness of a screenshot, drawn into the middle of a picture as a camera would see it. */
async function filmed(page: Page, png: Buffer): Promise<Buffer> {
	const brightness = await page.evaluate(
		async ([base64, side]) => {
			const binary = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
			const picture = await createImageBitmap(new Blob([binary], { type: 'image/png' }));
			const canvas = new OffscreenCanvas(side, side);
			const context = canvas.getContext('2d')!;
			context.fillStyle = '#777';
			context.fillRect(0, 0, side, side);
			const at = (side - picture.width) / 2;
			context.translate(side / 2, side / 2);
			context.rotate(0.05);
			context.translate(-side / 2, -side / 2);
			context.drawImage(picture, at, at);
			const { data } = context.getImageData(0, 0, side, side);
			let letters = '';
			for (let pixel = 0; pixel < side * side; pixel++)
				letters += String.fromCharCode(data[pixel * 4]!);
			return btoa(letters);
		},
		[png.toString('base64'), SIDE] as const
	);
	return Buffer.from(brightness, 'base64');
}

/** A film in the plain format that Chromium takes for a camera: brightness, and no colour. */
function film(frames: readonly Buffer[]): Buffer {
	const grey = Buffer.alloc((SIDE * SIDE) / 2, 128);
	return Buffer.concat([
		Buffer.from(`YUV4MPEG2 W${SIDE} H${SIDE} F2:1 Ip A1:1 C420jpeg\n`),
		...frames.flatMap((frame) => [Buffer.from('FRAME\n'), frame, grey])
	]);
}

test('a camera reads the codes as they are drawn, and the wall stands there', async ({
	page
}, info) => {
	await openDemo(page);
	await station(page, 'Hang').click();
	await page.getByText('To a phone, and back').click();
	await page.getByRole('button', { name: 'Codes to scan' }).click();
	const code = page.getByRole('img', { name: /^Code \d+ of/ });
	const frames: Buffer[] = [];
	for (;;) {
		frames.push(await filmed(page, await code.screenshot()));
		const next = page.getByRole('button', { name: 'Next code' });
		if (await next.isDisabled()) break;
		await next.click();
	}
	await expect(code).toHaveAttribute('aria-label', `Code ${frames.length} of ${frames.length}`);
	const path = info.outputPath('codes.y4m');
	await writeFile(path, film(frames));

	const { origin } = new URL(page.url());
	const camera = await chromium.launch({
		...info.project.use.launchOptions,
		args: [
			...(info.project.use.launchOptions?.args ?? []),
			'--use-fake-ui-for-media-stream',
			'--use-fake-device-for-media-stream',
			`--use-file-for-fake-video-capture=${path}`
		]
	});
	const phone = await camera.newContext({ viewport: { width: 390, height: 844 } });
	const there = await phone.newPage();
	await open(there, `${origin}/receive`);
	await there.getByRole('button', { name: 'Scan its codes' }).click();
	await expect(there.getByText('codes read')).toBeVisible();
	await accessible(there, 'the camera at the codes');
	await expect(there.getByText('7 pieces, 0 things told')).toBeVisible({ timeout: 90_000 });
	await there.getByRole('button', { name: 'Keep it here' }).click();
	await expect(station(there, 'Hang')).toContainText('7 to hang');
	await camera.close();
});

test('codes turn by themselves until they are told to stand', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Hang').click();
	await page.getByText('To a phone, and back').click();
	await page.getByRole('button', { name: 'Codes to scan' }).click();
	const code = page.getByRole('img', { name: /^Code \d+ of/ });
	await expect(code).toHaveAttribute('aria-label', /^Code 1 of/);
	await page.clock.install();
	await page.getByLabel('Turn them by themselves').check();
	await page.clock.runFor(1000);
	await expect(code).not.toHaveAttribute('aria-label', /^Code 1 of/);
	await page.getByLabel('Turn them by themselves').uncheck();
	const stands = (await code.getAttribute('aria-label'))!;
	await page.clock.runFor(4000);
	await expect(code).toHaveAttribute('aria-label', stands);
});

test('a device without a camera says so, and the file stays at hand', async ({ page }) => {
	await open(page, '/receive');
	await page.getByRole('button', { name: 'Scan its codes' }).click();
	await expect(page.getByRole('alert')).toContainText('This device has no camera');
	await page.getByRole('button', { name: 'Stop the camera' }).click();
	await expect(page.getByLabel('The hang pack')).toBeAttached();
});
