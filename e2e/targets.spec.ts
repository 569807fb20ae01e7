import type { Page } from '@playwright/test';
import { expect, open, openDemo, pieceOn, test } from './support.ts';

const HALL = '/p/demo-ferry-house/stair-hall';

/** What can be pressed outside the drawing and outside running text, and is lower than so many px or smaller in type. */
const tooSmall = (page: Page, least: { height: number; type: number }): Promise<string[]> =>
	page.evaluate(({ height, type }) => {
		const all = document.querySelectorAll<HTMLElement>(
			'button, a, summary, [role=button], select, input[type=checkbox], input[type=radio]'
		);
		return [...all].flatMap((element) => {
			const drawn = element.closest('svg, .back-drawing');
			if (drawn || !element.checkVisibility({ visibilityProperty: true })) return [];
			const inText =
				element.matches('a, .link') &&
				getComputedStyle(element).display.startsWith('inline') &&
				element.closest('p, li, td');
			const target = element.matches('input') ? (element.closest('label') ?? element) : element;
			const box = target.getBoundingClientRect();
			if (inText || box.width < 2) return [];
			const written = parseFloat(getComputedStyle(element).fontSize);
			const saysNothing = element.innerText === '';
			if (box.height > height - 0.5 && (saysNothing || written > type - 0.1)) return [];
			const name = element.innerText || element.getAttribute('aria-label');
			return [`${name}: ${box.height.toFixed(0)} px high, type ${written}`];
		});
	}, least);

const BENCH = { height: 40, type: 14 };

test('what is pressed at a bench is at least 40 px high, its words 14 px', async ({ page }) => {
	await openDemo(page);
	for (const station of ['rack', 'survey', 'arrange', 'fix', 'mark', 'hang', 'book']) {
		await open(page, `${HALL}/${station}`);
		await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
		expect(await tooSmall(page, BENCH), station).toEqual([]);
	}
	await open(page, `${HALL}/rack`);
	await pieceOn(page, 'B').focus();
	for (const part of ['back', 'piece', 'weight', 'check', 'frame']) {
		await page.getByRole('radio', { name: part, exact: true }).check();
		expect(await tooSmall(page, BENCH), part).toEqual([]);
	}
	await open(page, `${HALL}/survey`);
	for (const part of ['Outline', 'Level', 'Made of', 'On it', 'Bones', 'Prove']) {
		await page.getByRole('radio', { name: part, exact: true }).check();
		expect(await tooSmall(page, BENCH), part).toEqual([]);
	}
	for (const path of ['/', '/one']) {
		await open(page, path);
		expect(await tooSmall(page, BENCH), path).toEqual([]);
	}
});

test.describe('in the hand', () => {
	test.use({ viewport: { width: 390, height: 844 } });

	test('what is pressed at the wall is at least 48 px high, its words 16 px', async ({ page }) => {
		await openDemo(page);
		await open(page, `${HALL}/hang`);
		await page.getByRole('link', { name: 'Begin at the wall' }).click();
		const heading = page.getByRole('heading', { level: 2 });
		await expect(heading).toHaveText('The width again');
		expect(await tooSmall(page, { height: 48, type: 16 })).toEqual([]);
		await page.getByRole('button', { name: 'Something’s wrong' }).click();
		await expect(heading).toHaveText('What is wrong?');
		expect(await tooSmall(page, { height: 48, type: 16 })).toEqual([]);
	});
});
