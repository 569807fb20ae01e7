import type { Page } from '@playwright/test';
import { expect, measure, openDemo, pieceOn, readout, station, survey, test } from './support.ts';

/** Drags a piece by pixels, in steps as a hand would. */
async function drag(page: Page, letter: string, dx: number, dy: number): Promise<void> {
	const box = (await pieceOn(page, letter).boundingBox())!;
	await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width / 2 + dx / 2, box.y + box.height / 2 + dy / 2);
	await page.mouse.move(box.x + box.width / 2 + dx, box.y + box.height / 2 + dy, { steps: 4 });
	await page.mouse.up();
}

const middle = (page: Page) => page.getByLabel('Middle, from the left corner');
const centre = (page: Page) => page.getByLabel('Centre, up from the floor');

test('pieces move by pointer with snaps, by keys, and back by undo', async ({ page }) => {
	await openDemo(page);
	await drag(page, 'C', 40, 0);
	await expect(middle(page)).not.toHaveValue('84"');
	// Back near the middle it settles on the middle of the wall, which is that of the table too.
	await drag(page, 'C', -42, 0);
	await expect(middle(page)).toHaveValue('84"');

	// Near the centre line it settles on it, and follows the house rule from then on.
	await drag(page, 'C', 0, 6);
	await expect(page.getByRole('radio', { name: 'centre line' })).toBeChecked();
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(page.getByRole('radio', { name: 'bottom' })).toBeChecked();

	// Dunlin dragged away and dropped a little off: it takes the house gap of 2 in from its neighbour.
	await drag(page, 'G', 30, 0);
	await drag(page, 'G', -32, 0);
	await expect(middle(page)).toHaveValue('122"');

	// Arrow keys: a tick of 1 mm or the tape's, Shift an inch; undone as one run of nudges.
	await pieceOn(page, 'A').focus();
	await page.keyboard.press('Shift+ArrowRight');
	await page.keyboard.press('Shift+ArrowRight');
	await expect(middle(page)).toHaveValue('57"');
	await page.keyboard.press('Shift+ArrowUp');
	await expect(centre(page)).toHaveValue('67"');
	await page.keyboard.press('Control+z');
	await expect(middle(page)).toHaveValue('55"');
	await expect(centre(page)).toHaveValue('66"');
	await page.keyboard.press('Control+Shift+z');
	await expect(middle(page)).toHaveValue('57"');
});

test('a click selects without moving, Escape lets go, and numbers place exactly', async ({
	page
}) => {
	await openDemo(page);
	await pieceOn(page, 'B').click();
	await expect(middle(page)).toHaveValue('55"');
	await expect(page.getByRole('button', { name: /^Undo/ })).toBeDisabled();
	await measure(middle(page), `5' 0 1/2"`);
	await expect(middle(page)).toHaveValue('60 1/2"');
	await page.getByRole('radio', { name: 'top', exact: true }).check();
	await measure(page.getByLabel('Top edge, up from the floor'), '54 cm');
	await expect(page.getByLabel('Top edge, up from the floor')).toHaveValue('21 1/4"');
	await page.getByRole('button', { name: 'Take B down' }).click();
	await expect(pieceOn(page, 'B')).toHaveCount(0);
	await page.getByRole('button', { name: 'Put B on this wall' }).click();
	await expect(pieceOn(page, 'B')).toBeVisible();
	await pieceOn(page, 'B').focus();
	await page.keyboard.press('Escape');
	await expect(readout(page)).toContainText('Choose a piece');
});

test('the tape hooks anywhere, by keys and by pointer, and the readout follows', async ({
	page
}) => {
	await openDemo(page);
	await pieceOn(page, 'A').focus();
	await expect(readout(page)).toContainText('13 1/4"');
	const hook = page.getByRole('slider', { name: 'Hook of the floor tape' });
	await expect(hook).toHaveAttribute('aria-valuetext', 'the street door casing, right edge');
	await hook.focus();
	await page.keyboard.press('ArrowLeft');
	await expect(hook).toHaveAttribute('aria-valuetext', 'the street door casing, left edge');
	await expect(readout(page)).toContainText('47 1/4"');

	// Dragged to the far right it takes the corner there; A's left hook at 51 1/4 of 168.
	// It slides there: the pointer waits until it lies still.
	await hook.hover();
	const box = (await hook.boundingBox())!;
	await page.mouse.down();
	await page.mouse.move(900, box.y + 10, { steps: 5 });
	await page.mouse.move(940, box.y + 10);
	await page.mouse.up();
	await expect(hook).toHaveAttribute('aria-valuetext', 'the right corner');
	await expect(readout(page)).toContainText('116 3/4"');
	await expect(readout(page)).toContainText('left of the right corner');

	const side = page.getByRole('slider', { name: 'Hook of the side tape' });
	await side.focus();
	for (let press = 0; press < 40; press++) await page.keyboard.press('ArrowUp');
	await expect(side).toHaveAttribute('aria-valuetext', 'the ceiling here');
	await expect(readout(page)).toContainText('down from the ceiling');

	await page.getByRole('button', { name: 'Why' }).click();
	await expect(readout(page)).toContainText('half the height');
	await expect(readout(page)).toContainText(/nine times in ten.*pulled drop/);
	await readout(page).getByRole('button', { name: 'left hook' }).click();
	await expect(readout(page)).toContainText('109 1/4"');
});

test('layers change what is drawn, and the bench folds away', async ({ page }) => {
	await openDemo(page);
	const layer = (name: string) => page.getByRole('button', { name, exact: true });
	await layer('Paper').click();
	await expect(pieceOn(page, 'A').locator('.sheet')).toBeVisible();
	await layer('Nails').click();
	await expect(pieceOn(page, 'A').locator('.sheet')).toHaveCount(0);
	await expect(pieceOn(page, 'A').locator('.cross')).toHaveCount(2);
	await layer('Bones').click();
	await expect(page.getByText('Studs 16" apart')).toBeVisible();
	await page.getByRole('button', { name: 'Close the bench' }).click();
	await expect(page.getByRole('complementary', { name: 'Bench' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Open the bench' }).click();
	await expect(page.getByRole('complementary', { name: 'Bench' })).toBeVisible();
});

test('a crooked floor moves the marks that are read from it', async ({ page }) => {
	await openDemo(page);
	await survey(page, 'Level');
	await measure(page.getByLabel('Down', { exact: true }).last(), '51');
	await expect(page.getByText('The floor falls 3" to the right.')).toBeVisible();
	await station(page, 'Arrange').click();
	await pieceOn(page, 'E').focus();
	// Teeth at 64 3/4 + 7 - 5/8 = 71 1/8, a nail's hole 1 mm lower; the floor 0.25 lower at 84 and 3 at 168: 1.494 at 122.
	await expect(readout(page)).toContainText('72 19/32"');
	await survey(page, 'Level');
	for (const reading of ['Remove reading 2', 'Remove reading 1'])
		await page.getByRole('button', { name: reading }).click();
	await expect(page.getByText('The floor was not read: it is taken for level.')).toBeVisible();
	await station(page, 'Arrange').click();
	await expect(readout(page)).toContainText('71 3/32"');
});
