import type { Page } from '@playwright/test';
import {
	accessible,
	expect,
	open,
	openDemo,
	pieceOn,
	readout,
	station,
	survey,
	test
} from './support.ts';

const HALL = '/p/demo-ferry-house/stair-hall';
const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();

async function openReadings(page: Page): Promise<void> {
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'B').focus();
	await bench(page).getByText('Readings, and how sure they are').click();
}

test('a drop is read again, its range falls, and a slip is shown and struck out', async ({
	page
}) => {
	await openReadings(page);
	const drop = bench(page).getByRole('listitem').filter({ hasText: 'Pulled drop' }).first();
	// One pull by hand: 1.645 times 1.7 mm is 2.8 mm, 1/8" in thirty-seconds.
	await expect(drop).toContainText('± 1/8"');
	await press(page, 'Read again: pulled drop');
	await drop.getByLabel('Read by').selectOption('pulled up by hand');
	await drop.getByLabel('First pull').fill('1 17/32');
	await drop.getByLabel('Second pull').fill('1 1/2');
	await drop.getByLabel('Third pull').fill('1 15/32');
	await drop.getByRole('button', { name: 'Add 3 readings' }).click();
	await expect(drop).toContainText('4 readings');
	// √((1.7² - 0.3²)/4 + 0.3²) times 1.645 is 1.46 mm.
	await expect(drop).toContainText('± 1/16"');
	await expect(bench(page).getByRole('textbox', { name: 'Pulled drop' })).toHaveValue('1 1/2"');

	await drop.getByLabel('First pull').fill('2 1/2');
	await drop.getByRole('button', { name: 'Add the reading' }).click();
	await expect(drop).toContainText('further than two careful readings should be');
	await accessible(page, 'readings that do not agree');
	await drop.getByRole('button', { name: 'Strike out' }).last().click();
	await expect(drop).not.toContainText('further than two careful readings should be');
	await expect(bench(page).getByRole('textbox', { name: 'Pulled drop' })).toHaveValue('1 1/2"');
	await expect(drop.getByRole('button', { name: 'Count it' })).toHaveCount(1);
	await expect(
		bench(page).getByRole('listitem').filter({ hasText: 'Between hooks' })
	).toContainText('chosen by the plan');
});

test('the width of a wall and the offset of one’s own hooks are read again', async ({ page }) => {
	await openDemo(page);
	await survey(page, 'Outline');
	await expect(bench(page)).toContainText('one reading, ± 3/32"');
	await press(page, 'Read again: the width of the wall');
	await bench(page).getByLabel('Read it again').fill('168 1/8');
	await press(page, 'Add the reading');
	await expect(bench(page)).toContainText('2 readings, ± 1/16"');
	await expect(bench(page).getByRole('textbox', { name: 'Wall width' })).toHaveValue('168 1/16"');
	await accessible(page, 'a wall that is read again');

	await station(page, 'Fix').click();
	await page.getByRole('radio', { name: 'the catalogue' }).check();
	await bench(page).getByText('strap toggle', { exact: false }).first().click();
	const offset = bench(page).getByLabel(/^From the bearing up to the hole/);
	await offset.fill('1/4');
	await offset.blur();
	await expect(bench(page)).toContainText('one reading, ± 1/16"');
	await press(page, /^Read again: bearing to hole/);
	await bench(page).getByLabel('Read it again').fill('5/16');
	await press(page, 'Add the reading');
	await expect(bench(page)).toContainText('2 readings, ± 1/16"');
});

test('rings beside the middle are read from both edges, and the piece lands where it is wanted', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'B').focus();
	await bench(page).getByRole('radio', { name: 'from both edges' }).check();
	const across = async (name: string) => {
		const field = bench(page).getByRole('textbox', { name });
		const reads = await field.inputValue();
		return { field, reads };
	};
	const left = await across('Left ring from left edge');
	const right = await across('Right ring from right edge');
	expect(left.reads).toBe(right.reads);
	const before = await readout(page).innerText();
	await left.field.fill('3 1/2');
	await right.field.fill('2 1/2');
	await right.field.press('Enter');
	await accessible(page, 'rings read from both edges');
	// The hooks go with the rings: half an inch to the right, less e(1 - w/S) towards the mass.
	await expect(readout(page)).not.toHaveText(before);
	await bench(page).getByRole('radio', { name: 'between rings' }).check();
	await expect(left.field).toHaveCount(0);
});

test('where a piece balances is asked once, and told narrows its place sideways', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'B').focus();
	const ask = bench(page).getByRole('region', { name: 'Balance' });
	await expect(ask).toContainText('Hang it on one finger');
	const before = await readout(page).locator('.figure').innerText();
	await ask.getByRole('button', { name: 'No, it tips' }).click();
	await ask.getByLabel('Finger right of the middle').fill('1/4');
	await ask.getByRole('button', { name: 'It balances there' }).click();
	await expect(ask).toHaveCount(0);
	await expect(readout(page).locator('.figure')).not.toHaveText(before);
	await press(page, /^Undo/);
	await expect(ask).toBeVisible();
});

test('on a phone the first height teaches the next marks, and the Book tells it', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Hang').click();
	await page.getByLabel(/Who hangs/).fill('Mina');
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await page.setViewportSize({ width: 390, height: 844 });
	const heading = page.getByRole('heading', { level: 2 });
	const skipTo = async (title: RegExp) => {
		for (let steps = 0; steps < 60; steps++) {
			const now = await heading.innerText();
			if (title.test(now)) return;
			await press(page, /^Skip/);
			await press(page, 'Not needed here');
			await expect(heading).not.toHaveText(now);
		}
	};
	await skipTo(/^A · left hook: /);
	await press(page, 'All in, next');
	await skipTo(/^Hang A/);
	await press(page, 'It hangs');
	await expect(heading).toHaveText('Level A');
	await page.getByRole('radio', { name: 'its height' }).check();
	await press(page, /simulated laser/);
	await press(page, 'Keep it so');
	await expect(page.getByText('Learned from it')).toBeVisible();
	await expect(page.getByText(/^Pulled drop of A: /)).toBeVisible();
	await expect(
		page.getByText(/^A one-nail picture hook carries \d\/\d+" higher than its mark/)
	).toBeVisible();
	await accessible(page, 'what a height taught');

	await page.setViewportSize({ width: 1280, height: 800 });
	await open(page, `${HALL}/mark`);
	await page.getByTestId('mark').filter({ hasText: 'F · hook' }).getByText('Why').click();
	await expect(page.getByTestId('mark').filter({ hasText: 'F · hook' })).toContainText(
		'right to within',
		{ ignoreCase: true }
	);
	await open(page, `${HALL}/book`);
	await page.getByRole('radio', { name: 'history' }).check();
	await expect(bench(page)).toContainText('Learned: Pulled drop of A');
});
