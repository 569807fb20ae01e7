import axeCore from 'axe-core';
import {
	test as base,
	expect,
	type BrowserContext,
	type Locator,
	type Page
} from '@playwright/test';

/** A page that fails its test on any console error, page error or breach of the content policy. */
export const test = base.extend<{ page: Page }>({
	page: async ({ page }, use) => {
		const troubles: string[] = [];
		page.on('console', (message) => message.type() === 'error' && troubles.push(message.text()));
		page.on('pageerror', (error) => troubles.push(error.message));
		await use(page);
		expect(troubles).toEqual([]);
	}
});

export { expect };

/** Goes to a page of the app and waits until it answers to clicks. */
export async function open(page: Page, path: string): Promise<void> {
	await page.goto(path);
	await page.waitForSelector('[data-ready]');
}

/** Types a measure into a field and leaves it. */
export async function measure(field: Locator, text: string): Promise<void> {
	await field.fill(text);
	await field.press('Enter');
}

/** Waits until everything typed so far is in the browser's storage. */
export async function kept(page: Page): Promise<void> {
	await expect(page.getByTestId('keeping')).toHaveText('kept');
}

/** A browser without locks: each window edits, and none knows of another until it writes. */
export const withoutLocks = (context: BrowserContext): Promise<unknown> =>
	context.addInitScript(() => delete (Navigator.prototype as { locks?: unknown }).locks);

/** Opens the stair hall of the demo. */
export async function openDemo(page: Page): Promise<void> {
	await open(page, '/demo');
	await expect(page.getByRole('group', { name: 'Elevation of Stair hall' })).toBeVisible();
}

export const readout = (page: Page): Locator => page.getByRole('region', { name: 'Readout' });

export const pieceOn = (page: Page, letter: string): Locator =>
	page.locator(`[data-piece="${letter}"]`);

export const station = (page: Page, name: string): Locator =>
	page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name });

/** Unfolds where the tape is hooked, in Mark. */
export const tapeFold = (page: Page): Promise<void> =>
	page.locator('summary', { hasText: /^Tape hooked on/ }).click();

/** Unfolds the papers besides the marks sheet, in Mark. */
export const otherPapers = (page: Page): Promise<void> =>
	page.getByText('Other papers and files').click();

/** Opens a part of the Survey. */
export async function survey(page: Page, part: string): Promise<void> {
	await station(page, 'Survey').click();
	await page.getByRole('radio', { name: part, exact: true }).check();
}

/** Reads the floor at the right end from the level line, which is 48 in up. */
export async function floorAtRightEnd(page: Page, down: string): Promise<void> {
	await survey(page, 'Level');
	await page.getByRole('button', { name: 'Reading', exact: true }).click();
	await measure(page.getByLabel('Down', { exact: true }).last(), down);
}

/** WCAG 2.2 A and AA, as far as a program can see them. */
export async function accessible(page: Page, where: string): Promise<void> {
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axeCore.source);
	const told = await page.evaluate(async () => {
		const changing = document.getAnimations().filter((each) => each instanceof CSSTransition);
		await Promise.allSettled(changing.map(({ finished }) => finished));
		const { axe } = window as unknown as { axe: typeof import('axe-core') };
		// A notice that fades in or out has less contrast for a moment.
		const fading = [
			'[data-sonner-toast][data-mounted="false"]',
			'[data-sonner-toast][data-removed="true"]'
		];
		const { violations } = await axe.run(
			{ exclude: fading.map((part) => [part]) },
			{
				runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'],
				resultTypes: ['violations'],
				// It would fetch styles and sounds again, for rules on sound and on how a screen is held.
				preload: false
			}
		);
		return violations.map(
			({ id, nodes }) =>
				`${id} ${nodes.map(({ html, any }) => `${html.slice(0, 120)} ${any[0]?.message ?? ''}`).join(' | ')}`
		);
	});
	expect(told, where).toEqual([]);
}

/** A plain dark photo, as a file to choose. */
export async function aPhoto(
	page: Page
): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
	const png = await page.evaluate(async () => {
		const canvas = new OffscreenCanvas(800, 600);
		canvas.getContext('2d')!.fillRect(0, 0, 800, 600);
		const blob = await canvas.convertToBlob();
		return [...new Uint8Array(await blob.arrayBuffer())];
	});
	return { name: 'wall.png', mimeType: 'image/png', buffer: Buffer.from(png) };
}

/** Opens a project out of a file. */
export async function openAsFile(page: Page, project: object): Promise<void> {
	await open(page, '/');
	await page.locator('input[type=file]').setInputFiles({
		name: 'project.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(project))
	});
	await page.waitForSelector('[data-piece]');
}
