import type { Locator, Page } from '@playwright/test';
import { accessible, expect, kept, openDemo, pieceOn, station, test } from './support.ts';

test.use({ serviceWorkers: 'allow', colorScheme: 'dark' });

/** Presses Tab until a thing has the focus, from wherever the focus is; never a pointer. */
async function reach(page: Page, target: Locator): Promise<void> {
	await expect(target).toBeVisible();
	const has = () => target.evaluate((element) => element === document.activeElement);
	for (let count = 0; count < 250; count++) {
		if (await has()) return;
		await page.keyboard.press('Tab');
	}
	throw new Error(`not reached by Tab: ${target}`);
}

async function act(page: Page, target: Locator): Promise<void> {
	await reach(page, target);
	await page.keyboard.press('Enter');
}

/** The focus never falls back to the page, where a person would begin at its top again. */
const focusKept = (page: Page, where: string) =>
	expect
		.poll(() => page.evaluate(() => document.activeElement === document.body), { message: where })
		.toBe(false);

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

test('a day of the demo without a network, in the dark, by keys alone', async ({
	page,
	context
}) => {
	await openDemo(page);
	await page.evaluate(async () => {
		await navigator.serviceWorker.ready;
		if (navigator.serviceWorker.controller) return;
		await new Promise((resolve) =>
			navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true })
		);
	});
	await context.setOffline(true);

	// The back of a piece, and round again.
	await act(page, station(page, 'Arrange'));
	await reach(page, pieceOn(page, 'A'));
	await page.keyboard.press('f');
	await expect(page.getByRole('heading', { name: /from the back/ })).toBeVisible();
	await expect(page.getByRole('heading', { name: /from the back/ })).toBeFocused();
	await page.keyboard.press('f');
	await expect(pieceOn(page, 'A')).toBeFocused();

	// Moved, typed, taken back.
	const middle = page.getByLabel('Middle, from the left corner');
	await expect(middle).toHaveValue('55"');
	await page.keyboard.press('Shift+ArrowRight');
	await expect(middle).toHaveValue('56"');
	await reach(page, middle);
	await page.keyboard.press('Control+A');
	await page.keyboard.type('55 1/4');
	await page.keyboard.press('Enter');
	await expect(middle).toHaveValue('55 1/4"');
	await reach(page, pieceOn(page, 'A'));
	await page.keyboard.press('Control+z');
	await expect(middle).toHaveValue('56"');
	await expect(page.getByTestId('announced')).toContainText(/^Undone: /);
	await page.keyboard.press('Control+z');
	await expect(middle).toHaveValue('55"');

	const found = page
		.getByRole('status')
		.filter({ hasText: /^\d+ arrangements? to choose from\.$/ });
	await reach(page, page.getByRole('radio', { name: /^Piece / }));
	await page.keyboard.press('ArrowRight');
	await act(page, button(page, 'Show arrangements'));
	await expect(page.getByRole('alert').filter({ hasText: 'As single hang' })).toBeVisible();
	await act(page, button(page, 'As cluster'));
	await expect(found).toHaveCount(1);

	await act(page, station(page, 'Fix'));
	await act(page, button(page, /All pieces/));
	await act(page, button(page, /Use the best way for all 7/));
	await act(page, button(page, 'Use for all 7'));
	await expect(button(page, /Use the best way/)).toHaveCount(0);
	await focusKept(page, 'all settled');

	await act(page, station(page, 'Hang'));
	await reach(page, page.getByLabel(/Who hangs/));
	await page.keyboard.type('Mina');
	await act(page, page.getByRole('link', { name: 'Begin at the wall' }));

	await page.waitForURL(/at-the-wall/);
	const heading = page.getByRole('heading', { level: 2 });
	await expect(heading).toHaveText('The width again');
	await accessible(page, 'the wall at dusk');
	const ways = [
		/simulated\s(laser|digital level)/,
		/^(Keep it, next|Done, next|Marked, next|It is in, next|All in, next)$/,
		/^(It hangs|It is level, next|Done: read it again)$/
	];
	for (let steps = 0; steps < 150; steps++) {
		const title = await heading.first().innerText();
		if (title === 'The wall is done') break;
		const names = await page.getByRole('button', { disabled: false }).allInnerTexts();
		const next = [...ways].reverse().find((way) => names.some((name) => way.test(name.trim())));
		if (!next) throw new Error(`nothing to press at ${title}: ${names.join(', ')}`);
		await act(page, button(page, next).first());
		await focusKept(page, title);
	}
	await expect(heading.first()).toHaveText('The wall is done');
	await kept(page);

	await act(page, page.getByRole('link', { name: 'Back to the run sheet', exact: true }));
	await expect(station(page, 'Hang')).toContainText('all hung');
	await act(page, station(page, 'Book'));
	await expect(page.getByText('Mina').first()).toBeVisible();
});
