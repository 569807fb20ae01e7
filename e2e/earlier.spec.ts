import type { Page } from '@playwright/test';
import { accessible, expect, kept, open, openDemo, pieceOn, station, test } from './support.ts';

const place = async (page: Page, letter: string) => {
	await pieceOn(page, letter).focus();
	return page.getByLabel('Middle, from the left corner');
};
const undo = (page: Page) => page.getByRole('button', { name: /^Undo ./ });
const menu = async (page: Page, item: string) => {
	await page
		.getByRole('button', { name: /Stair hall/ })
		.first()
		.click();
	await page.getByRole('menuitem', { name: item }).click();
};

test('what was done can be undone and redone after the page was loaded again', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	await pieceOn(page, 'A').press('Shift+ArrowRight');
	await pieceOn(page, 'B').press('Shift+ArrowRight');
	await kept(page);
	await page.reload();
	await expect(await place(page, 'B')).toHaveValue('56"');
	await undo(page).click();
	await expect(await place(page, 'B')).toHaveValue('55"');
	await expect(await place(page, 'A')).toHaveValue('56"');
	await kept(page);
	await page.reload();
	await undo(page).click();
	await expect(await place(page, 'A')).toHaveValue('55"');
	await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
	for (let again = 0; again < 2; again++) await page.getByRole('button', { name: /^Redo/ }).click();
	await expect(await place(page, 'A')).toHaveValue('56"');
	await expect(await place(page, 'B')).toHaveValue('56"');
});

test('a project goes back to an earlier version of it, and forward again', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	await pieceOn(page, 'A').press('Shift+ArrowRight');
	await kept(page);
	await menu(page, 'Earlier versions');
	const drawer = page.getByRole('dialog', { name: 'Earlier versions' });
	await expect(drawer.getByRole('listitem').first()).toContainText('3 walls, 26 pieces');
	await drawer.getByText('What came after').click();
	await expect(drawer).toContainText('Stair hall: A is placed otherwise.');
	await accessible(page, 'earlier versions');
	await drawer.getByRole('button', { name: 'Go back to this' }).click();
	await expect(await place(page, 'A')).toHaveValue('55"');
	await undo(page).click();
	await expect(await place(page, 'A')).toHaveValue('56"');

	// What was left is a version of its own, and any of them opens beside the project.
	await menu(page, 'Earlier versions');
	await expect(drawer.getByRole('button', { name: 'Go back to this' })).toHaveCount(2);
	await drawer.getByRole('button', { name: 'Open as a copy' }).last().click();
	await expect(page.getByRole('button', { name: /Ferry House \(today/ })).toBeVisible();
	await expect(await place(page, 'A')).toHaveValue('55"');
});

test('a second window follows the first as it changes, and takes over when it is told', async ({
	page,
	context
}) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	const other = await context.newPage();
	await open(other, new URL(page.url()).pathname);
	const follows = (of: Page) => of.getByText('Another window edits this project.');
	await expect(follows(other)).toBeVisible();
	await expect(follows(page)).toBeHidden();
	await pieceOn(page, 'A').press('Shift+ArrowRight');
	await expect(await place(other, 'A')).toHaveValue('56"');

	// It is read alone there, and says so.
	await pieceOn(other, 'A').press('Shift+ArrowRight');
	await expect(other.getByText('Nothing was changed')).toBeVisible();
	await expect(await place(other, 'A')).toHaveValue('56"');
	await accessible(other, 'a window that follows');

	await other.getByRole('button', { name: 'Work here' }).click();
	await expect(follows(other)).toBeHidden();
	await expect(follows(page)).toBeVisible();
	await pieceOn(other, 'A').press('Shift+ArrowRight');
	await expect(await place(page, 'A')).toHaveValue('57"');
	// It goes on from all that was done before, its undo too.
	await undo(other).click();
	await undo(other).click();
	await expect(await place(page, 'A')).toHaveValue('55"');

	await other.close();
	await expect(follows(page)).toBeHidden();
	await pieceOn(page, 'A').press('Shift+ArrowLeft');
	await kept(page);
	await expect(await place(page, 'A')).toHaveValue('54"');
});

test('a window that does not answer is taken over all the same', async ({ page, context }) => {
	// It holds the lock and hears nothing.
	await context.addInitScript(() => {
		if (window.name === 'deaf') BroadcastChannel.prototype.postMessage = () => undefined;
	});
	await openDemo(page);
	await page.evaluate(() => {
		window.name = 'deaf';
	});
	await page.evaluate(() => {
		Object.defineProperty(BroadcastChannel.prototype, 'onmessage', { set() {} });
	});
	const other = await context.newPage();
	await openDemo(other);
	await other.getByRole('button', { name: 'Work here' }).click();
	await expect(other.getByText('Another window edits this project.')).toBeHidden();
	await expect(page.getByText('Another window edits this project.')).toBeVisible();
});
