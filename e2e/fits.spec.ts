import type { Page } from '@playwright/test';
import { expect, open, openDemo, test } from './support.ts';

const HALL = '/p/demo-ferry-house/stair-hall';
const SCREENS = [
	...['rack', 'survey', 'arrange', 'fix', 'mark', 'hang', 'book'].map(
		(station) => `${HALL}/${station}`
	),
	...['sheet', 'helper-sheet', 'job-sheet', 'condition-sheet', 'bag-sheet'].map(
		(sheet) => `${HALL}/${sheet}`
	),
	...['/', '/one', '/practice', '/receive', '/glossary']
];
const SIZES = [
	{ width: 1280, height: 800 },
	{ width: 1440, height: 900 },
	{ width: 1920, height: 1080 },
	{ width: 820, height: 1180 },
	{ width: 390, height: 844 },
	{ width: 320, height: 640 }
];

/** How far a page can be scrolled sideways, and words that their own box cuts off. */
const cutOff = (page: Page): Promise<string[]> =>
	page.evaluate(() => {
		const { scrollWidth, clientWidth } = document.documentElement;
		const wide = scrollWidth > clientWidth ? [`page ${scrollWidth} in ${clientWidth} px`] : [];
		const words = document.querySelectorAll<HTMLElement>(
			'h1, h2, h3, p, a, button, label, summary, th, td, li, .measure'
		);
		const cut = [...words].filter((element) => {
			const { overflowX, clipPath } = getComputedStyle(element);
			const shown = element.checkVisibility({ visibilityProperty: true });
			const isHidden = element.clientWidth < 2 || clipPath.includes('inset');
			return (
				shown &&
				!isHidden &&
				['hidden', 'clip'].includes(overflowX) &&
				element.scrollWidth > element.clientWidth + 1
			);
		});
		return [...wide, ...cut.map(({ innerText }) => `“${innerText.slice(0, 40)}” is cut`)];
	});

for (const size of SIZES)
	test(`nothing is scrolled sideways or cut off at ${size.width} x ${size.height}`, async ({
		page
	}) => {
		await page.setViewportSize(size);
		await openDemo(page);
		for (const path of SCREENS) {
			await open(page, path);
			await expect(page.locator('h1, h2, .none').first()).toBeVisible();
			expect(await cutOff(page), path).toEqual([]);
		}
	});
