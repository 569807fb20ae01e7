import { test as bare } from '@playwright/test';
import { hungDemo } from './hung-demo.ts';
import {
	accessible,
	expect,
	open,
	openAsFile,
	openDemo,
	pieceOn,
	readout,
	station,
	test
} from './support.ts';

for (const scheme of ['light', 'dark'] as const)
	test(`every screen is accessible in the ${scheme} theme`, async ({ page }) => {
		await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
		await open(page, '/');
		await accessible(page, 'home');
		for (const path of ['/one', '/practice', '/receive']) {
			await open(page, path);
			await accessible(page, path);
		}
		await open(page, '/glossary');
		await page.getByLabel('Look up a word or a figure').fill('skirting');
		await expect(page.getByRole('term')).toHaveText(/Baseboard\s+also skirting/);
		await accessible(page, 'glossary');
		await openDemo(page);
		for (const name of ['Rack', 'Survey', 'Arrange', 'Fix', 'Mark', 'Hang', 'Book']) {
			await station(page, name).click();
			await expect(station(page, name)).toHaveAttribute('aria-current', 'page');
			await pieceOn(page, 'B').focus();
			await accessible(page, name);
		}
		await page.keyboard.press('f');
		await accessible(page, 'back');
		await page.getByRole('button', { name: 'House rules' }).click();
		await accessible(page, 'house rules');
	});

test('paper is black on white in the dark theme too', async ({ page }) => {
	await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
	await openAsFile(page, hungDemo());
	const wall = page.url().replace(/\/[^/]+$/, '');
	for (const sheet of ['bag-sheet', 'condition-sheet', 'sheet', 'helper-sheet', 'job-sheet']) {
		await open(page, `${wall}/${sheet}`);
		await expect(page.locator('.paper h1').first()).toBeVisible();
		await accessible(page, sheet);
	}
});

bare('a page that is not there says so and leads home', async ({ page }) => {
	const answer = await page.goto('/no/such/page');
	expect(answer?.status()).toBe(404);
	await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
	await expect(page).toHaveTitle('There is no such page · Warm Porch');
	await page.getByRole('link', { name: 'All projects' }).click();
	await expect(page.getByRole('heading', { name: 'Your projects' })).toBeVisible();
});

test('the theme is chosen by hand and remembered', async ({ page }) => {
	await open(page, '/');
	const html = page.locator('html');
	await expect(html).toHaveAttribute('data-theme', 'porch-day');
	await page.getByRole('button', { name: /^Light: Light as the system/ }).click();
	await page.getByRole('button', { name: /^Light: Day/ }).click();
	await expect(html).toHaveAttribute('data-theme', 'porch-dusk');
	await page.reload();
	await expect(html).toHaveAttribute('data-theme', 'porch-dusk');
});

test('marks can be read and picked on a phone', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page);
	await station(page, 'Mark').click();
	await page.getByTestId('mark').nth(2).getByRole('button').first().click();
	await expect(readout(page)).toContainText('B ·');
	const wider = await page.evaluate(
		() => document.documentElement.scrollWidth - document.documentElement.clientWidth
	);
	expect(wider).toBe(0);
});

test('the whole job by keyboard: choose, move, hook the tape, print', async ({ page }) => {
	await openDemo(page);
	const focused = () =>
		page.evaluate(() => {
			const node = document.activeElement;
			return node?.getAttribute('aria-label') ?? node?.textContent ?? '';
		});
	const tabTo = async (name: RegExp) => {
		for (let press = 0; press < 80; press++) {
			await page.keyboard.press('Tab');
			if (name.test((await focused()).trim())) return;
		}
		throw new Error(`no Tab stop ${name}`);
	};
	await tabTo(/^A, North channel chart/);
	await page.keyboard.press('ArrowUp');
	await expect(readout(page)).toContainText('A ·');
	await tabTo(/^Hook of the floor tape/);
	await page.keyboard.press('ArrowLeft');
	await expect(readout(page)).toContainText('street door casing, left edge');
	await station(page, 'Mark').focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('link', { name: 'Print sheet' })).toBeVisible();
	await tabTo(/^Print sheet/);
	await page.keyboard.press('Enter');
	await expect(
		page.getByRole('heading', { name: 'Ferry House · Stair hall: marks' })
	).toBeVisible();
});
