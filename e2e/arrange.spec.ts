import type { Locator, Page } from '@playwright/test';
import {
	accessible,
	expect,
	kept,
	measure,
	openDemo,
	pieceOn,
	readout,
	station,
	test
} from './support.ts';
import { arrange, type Candidate } from '../src/lib/core/index.ts';

const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });
const cards = (page: Page): Locator => bench(page).locator('.candidates > li');

async function goTo(page: Page, wall: string): Promise<void> {
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: wall }).click();
	await expect(page.getByRole('group', { name: `Elevation of ${wall}` })).toBeVisible();
}

async function ask(page: Page, style: string): Promise<void> {
	await page.getByLabel('Way to hang the group').selectOption(style);
	await page.getByRole('button', { name: 'Show arrangements' }).click();
	await expect(cards(page).first().or(bench(page).getByRole('alert'))).toBeVisible({
		timeout: 20_000
	});
	await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0, { timeout: 30_000 });
}

test('each demo wall is arranged in three styles, the last hung and taken back', async ({
	page
}) => {
	test.setTimeout(150_000);
	await openDemo(page);
	const walls: [string, string[]][] = [
		['Stair hall', ['Cluster', 'Salon', 'Free']],
		['Tea room', ['Cluster', 'Salon', 'Free']],
		['Net loft', ['Single hang', 'Double hang', 'Grid']]
	];
	for (const [wall, styles] of walls) {
		await goTo(page, wall);
		for (const style of styles) {
			await ask(page, style);
			await expect(cards(page).first(), `${wall}, ${style}`).toBeVisible();
			await cards(page).first().getByRole('button').first().click();
			await expect(cards(page).first()).toContainText('balance');
		}
		await page.getByRole('button', { name: 'Hang it so' }).click();
		await expect(bench(page).getByText(/overlap|covers|reaches beyond/)).toHaveCount(0);
		await expect(page.getByRole('button', { name: 'Undo arrange the wall' })).toBeVisible();
	}
	// T to Y in a grid: the gap is the house gap, to the tick.
	await pieceOn(page, 'U').focus();
	await expect(page.getByLabel('Gap right of U')).toHaveValue('51 mm');
	await accessible(page, 'arranged');
	await page.getByRole('button', { name: 'Undo arrange the wall' }).click();
	await pieceOn(page, 'T').focus();
	await expect(bench(page).getByLabel(/^Middle, from/)).toHaveValue('700 mm');
});

test('too much is said, a region is taped out, and pieces are left out', async ({ page }) => {
	await openDemo(page);
	await ask(page, 'Single hang');
	await expect(bench(page).getByRole('alert')).toContainText('too wide');
	await expect(bench(page).getByRole('alert')).toContainText('Leave a piece out');
	await bench(page)
		.getByText(/^Pieces: 7/)
		.click();
	for (const letter of ['C', 'A', 'B'])
		await bench(page).getByLabel(letter, { exact: true }).uncheck();
	await page.getByRole('button', { name: 'Tape out a region' }).click();
	const field = page.getByTestId('taping');
	const box = (await field.boundingBox())!;
	const at = (x: number, y: number) => [box.x + box.width * x, box.y + box.height * y] as const;
	// Between the mirror and the tea room door, where D to G hang now.
	await page.mouse.move(...at(0.6, 0.2));
	await page.mouse.down();
	await page.mouse.move(...at(0.7, 0.5), { steps: 3 });
	await page.mouse.move(...at(0.765, 0.62), { steps: 3 });
	await page.mouse.up();
	await expect(page.getByTestId('region')).toContainText('from the left');
	await ask(page, 'Grid');
	await cards(page).filter({ hasText: '2 by 2' }).getByRole('button').first().click();
	await page.getByRole('button', { name: 'Hang it so' }).click();
	await pieceOn(page, 'D').focus();
	// Two of 11 in side by side, the house gap of 2 in between them.
	await expect(page.getByLabel('Gap right of D')).toHaveValue('2"');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Take the tape off' }).click();
	await expect(page.getByTestId('region')).toHaveCount(0);
});

test('a second look finds planted faults, and mends each by one press', async ({ page }) => {
	await openDemo(page);
	const look = page.getByTestId('second-look');
	await expect(look.locator('li').first()).toBeVisible();
	const before = await look.locator('li').count();
	// E a quarter of an inch lower than D.
	await pieceOn(page, 'E').focus();
	await measure(bench(page).getByLabel(/^Centre, above/), '64 1/2');
	await expect(look).toContainText('of D and E are 1/4" out of line');
	await page.keyboard.press('Escape');
	await look
		.locator('li')
		.filter({ hasText: 'of D and E are' })
		.getByRole('button', { name: /into line/ })
		.click();
	await expect(look.getByText('of D and E are')).toHaveCount(0);
	await expect(look.locator('li')).toHaveCount(before);
	await page.getByRole('button', { name: 'Undo move pieces together' }).click();
	await expect(look).toContainText('of D and E are 1/4" out of line');
});

test('several pieces are lined up, spaced, mirrored and swapped, by pointer and by keys', async ({
	page
}) => {
	await openDemo(page);
	const place = async (letter: string) => {
		await pieceOn(page, letter).focus();
		return bench(page)
			.getByLabel(/^Middle, from/)
			.inputValue();
	};
	await pieceOn(page, 'D').click();
	await pieceOn(page, 'E').click({ modifiers: ['Shift'] });
	await expect(page.getByRole('heading', { name: 'Together: D, E' })).toBeVisible();
	await page.getByRole('button', { name: 'Swap the two' }).click();
	expect(await place('D')).toBe('122"');
	expect(await place('E')).toBe('109"');
	await page.getByRole('button', { name: 'Undo move pieces together' }).click();

	// By keys: Space gathers, Tab goes on, Space takes the next one in.
	await pieceOn(page, 'F').focus();
	await page.keyboard.press('Space');
	await pieceOn(page, 'G').focus();
	await page.keyboard.press('Space');
	await expect(page.getByRole('heading', { name: 'Together: F, G' })).toBeVisible();
	await measure(bench(page).getByLabel('Set the gap'), '3');
	await page.getByRole('button', { name: 'Across', exact: true }).click();
	// F at 109 is 11 wide: G’s middle comes to 109 + 11 + 3.
	await page.keyboard.press('Escape');
	expect(await place('G')).toBe('123"');
	await kept(page);
	await station(page, 'Mark').click();
	await expect(readout(page)).toContainText('G ·');
});

test('the server arranges as the page does, and says what is wrong with a wish', async ({
	request
}) => {
	const wanted = {
		pieces: [
			{ id: 'a', width: 400, height: 500, weight: 4 },
			{ id: 'b', width: 300, height: 300 },
			{ id: 'c', width: 350, height: 450 }
		],
		region: { x: 0, y: 700, width: 3000, height: 1500 },
		keepOuts: [{ x: 0, y: 0, width: 500, height: 2000 }],
		style: 'cluster' as const,
		gap: 50,
		seed: 3
	};
	const answer = await request.post('/api/arrange', { data: wanted });
	expect(answer.status()).toBe(200);
	const own = arrange(wanted);
	expect((await answer.json()) as { candidates: Candidate[] }).toEqual(
		JSON.parse(JSON.stringify(own.ok && own.value))
	);
	const wrong: [object, string, string][] = [
		[{ ...wanted, style: 'heap' }, 'not-valid', 'style'],
		[{ ...wanted, gap: -1 }, 'out-of-range', 'gap'],
		[{ ...wanted, pieces: [] }, 'no-pieces', 'pieces'],
		[{ ...wanted, region: { ...wanted.region, width: 300 } }, 'does-not-fit', 'region']
	];
	for (const [data, code, path] of wrong) {
		const refused = await request.post('/api/arrange', { data });
		expect(refused.status(), code).toBe(422);
		const { error } = (await refused.json()) as { error: Record<string, string> };
		expect(error).toMatchObject({ code, path });
		expect(error.message).toMatch(/\.$/);
	}
});
