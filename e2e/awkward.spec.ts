import type { Page } from '@playwright/test';
import { DEMO } from '../src/lib/store/demo/index.ts';
import {
	accessible,
	expect,
	floorAtRightEnd,
	kept,
	measure,
	open,
	openAsFile,
	openDemo,
	pieceOn,
	readout,
	station,
	tapeFold,
	test
} from './support.ts';

const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });

async function newWall(page: Page, width: string, height: string): Promise<void> {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await measure(page.getByLabel('Wall width'), width);
	await measure(page.getByLabel('Wall height'), height);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
}

async function add(page: Page, kind: string, width: string, height: string): Promise<void> {
	await page.getByLabel('Kind of piece').selectOption(kind);
	await page.getByLabel('Width', { exact: true }).fill(width);
	await page.getByLabel('Height', { exact: true }).fill(height);
	await page.getByRole('button', { name: 'Add a piece' }).click();
}

test('a 46 3/4 in mirror, a crooked floor and a wire that is too short', async ({ page }) => {
	await newWall(page, `12' 4"`, `8'`);
	await floorAtRightEnd(page, '49 1/4');
	await expect(bench(page).getByText('The floor falls 1 1/4" to the right.')).toBeVisible();
	await station(page, 'Rack').click();
	await add(page, 'Mirror', '30', '46 3/4');
	await measure(page.getByRole('textbox', { name: 'Weight' }), '99999999');
	await expect(page.getByText('"99999999" is more than a ton.')).toBeVisible();
	await measure(page.getByRole('textbox', { name: 'Weight' }), '41 lb');
	await measure(page.getByLabel('Ring span'), '22');
	await measure(page.getByLabel('Left ring down'), '6 3/8');
	await measure(page.getByLabel('Right ring down'), '6 1/2');
	// Centre 57 above the floor in the middle, which lies 5/8 lower than at the left: top 56 3/8 + 23 3/8 = 79 3/4.
	// Left bearing 79 3/4 - 6 3/8 = 73 3/8 up from the floor’s left end.
	await station(page, 'Mark').click();
	await tapeFold(page);
	await page
		.getByLabel('Side tape hooked on')
		.selectOption({ label: 'the floor’s left end, carried level' });
	await expect(page.getByTestId('mark').first()).toContainText('73 3/8"');
	await expect(page.getByTestId('mark').nth(1)).toContainText('73 1/4"');

	// On a wire it would be too heavy, and this wire does not even reach.
	await station(page, 'Rack').click();
	await page.getByRole('combobox', { name: /^How it hangs/ }).selectOption('Wire on one hook');
	await expect(bench(page).getByText(/A heavy mirror on a wire/)).toBeVisible();
	await page.getByRole('combobox', { name: /^Wire read by/ }).selectOption('its length');
	await measure(page.getByLabel('Wire length'), '21');
	await expect(bench(page).getByRole('alert').first()).toContainText('no longer than the distance');
	await expect(readout(page)).toContainText('no mark yet');
	await measure(page.getByLabel('Wire length'), '23');
	await expect(readout(page)).not.toContainText('no mark yet');
});

test('a span of nothing is refused at its field, and nothing is lost', async ({ page }) => {
	await newWall(page, '10 ft', '8 ft');
	await add(page, 'Framed work', '20', '24');
	const span = page.getByLabel('Ring span');
	await measure(span, '14');
	await span.fill('0');
	await expect(bench(page).getByText('A size must be more than nothing.')).toBeVisible();
	await span.press('Escape');
	await expect(span).toHaveValue('14"');
	await span.fill('200 m');
	await expect(bench(page).getByText('more than 100 m')).toBeVisible();
	await span.press('Escape');
	await kept(page);
	await page.reload();
	await pieceOn(page, 'A').focus();
	await expect(page.getByLabel('Ring span')).toHaveValue('14"');
});

test('cautions stand where they happen, with what to do', async ({ page }) => {
	await newWall(page, '10 ft', '8 ft');
	await add(page, 'Framed work', '20', '24');
	await measure(page.getByRole('textbox', { name: 'Weight' }), '12 lb');
	await page
		.getByRole('combobox', { name: /^On the back are/ })
		.selectOption('screw eyes in the back');
	await expect(bench(page).getByText('Change them for strap rings')).toBeVisible();
	await measure(page.getByLabel('Ring span'), '19 1/2');
	await expect(bench(page).getByText('so near the edge that it can be seen')).toBeVisible();
	await expect(page.locator('.warned').first()).toHaveAttribute('title', /seen from the side/);
	await page
		.getByRole('group', { name: 'Length of the screws' })
		.getByRole('radio', { name: 'measured', exact: true })
		.check();
	await measure(page.getByLabel('Screw length'), '1 1/4');
	await expect(bench(page).getByText('would come through the front').first()).toBeVisible();
	await page.getByRole('radio', { name: 'piece', exact: true }).check();
	await page.getByLabel('Frame material').selectOption('fibreboard');
	await page.getByRole('radio', { name: 'back', exact: true }).check();
	await expect(bench(page).getByText('makes dust and works loose')).toBeVisible();
});

test('a rail and units of a wall’s own change its marks', async ({ page }) => {
	await openDemo(page);
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Tea room' }).click();
	await pieceOn(page, 'I').focus();
	// Rail at 86, bearing at 63.
	await expect(readout(page)).toContainText('cord from the rail’s top');
	await expect(readout(page)).toContainText('23"');
	await station(page, 'Mark').click();
	await page.getByRole('link', { name: 'Print sheet' }).click();
	await expect(page.getByText('cord 23" from the rail’s top').first()).toBeVisible();
	await page.getByRole('link', { name: 'Back to the marks' }).click();
	await station(page, 'Survey').click();
	await measure(page.getByLabel('Picture rail, top'), '90');
	await station(page, 'Arrange').click();
	await expect(readout(page)).toContainText('27"');
	await station(page, 'Survey').click();
	await page.getByRole('radio', { name: 'mm', exact: true }).check();
	await station(page, 'Arrange').click();
	await expect(readout(page)).toContainText('686 mm');
	await station(page, 'Survey').click();
	await page.getByLabel('Picture rail, top').fill('');
	await page.getByLabel('Picture rail, top').press('Enter');
	await station(page, 'Rack').click();
	await expect(bench(page).getByText('has no picture rail yet')).toBeVisible();
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Net loft' }).click();
	await pieceOn(page, 'V').focus();
	await expect(readout(page)).toContainText('3632 mm');
});

/** What walls have had since, and no file of the first version knows. */
const LATER = 'rail units ceiling stairs levels made wet lux hints studs proof'.split(' ');

test('a file of the first version opens, with every piece as it was', async ({ page }) => {
	const old = JSON.parse(
		JSON.stringify({ ...DEMO, id: 'old-house', name: 'Old house', version: 1, readings: {} })
	) as {
		pieces: Record<string, unknown>[];
		walls: Record<string, unknown>[];
		houseRules: Record<string, unknown>;
	};
	old.pieces = old.pieces.slice(0, 8).map((piece) => ({
		id: piece.id,
		letter: piece.letter,
		name: piece.name,
		width: piece.width,
		height: piece.height,
		depth: piece.depth,
		weight: piece.weight,
		look: piece.kind,
		art: piece.art,
		back: piece.back,
		hook: piece.hook
	}));
	old.walls = old.walls.slice(0, 1).map((wall) => ({
		...Object.fromEntries(Object.entries(wall).filter(([fact]) => !LATER.includes(fact))),
		floor: [{ x: 4267.2, y: -12.7 }]
	}));
	delete old.houseRules.wireFactor;
	await openAsFile(page, old);
	await pieceOn(page, 'C').focus();
	await expect(readout(page)).toContainText('72 1/4"');
	await page.getByRole('radio', { name: 'piece', exact: true }).check();
	await expect(page.getByLabel('Kind of piece')).toHaveValue('mirror');
});

test('photos nobody refers to go when the app next opens, and not while an undo may ask', async ({
	page,
	context
}) => {
	await newWall(page, '10 ft', '8 ft');
	await add(page, 'Framed work', '20', '24');
	await page.getByRole('radio', { name: 'piece', exact: true }).check();
	const image = await page.screenshot({ clip: { x: 0, y: 0, width: 60, height: 40 } });
	await page.getByLabel('Add a photo').setInputFiles({
		name: 'shot.png',
		mimeType: 'image/png',
		buffer: image
	});
	await page.getByRole('button', { name: 'Keep this photo' }).click();
	await expect(pieceOn(page, 'A').locator('image')).toHaveCount(1);
	await page.getByRole('button', { name: 'Take it off' }).click();
	await kept(page);

	const photos = (on: Page) =>
		on.evaluate(
			() =>
				new Promise<number>((resolve) => {
					const opening = indexedDB.open('warm-porch');
					opening.onsuccess = () => {
						const count = opening.result.transaction('photos').objectStore('photos').count();
						count.onsuccess = () => resolve(count.result);
					};
				})
		);
	// Another window opens the list while this one still has its undo.
	const other = await context.newPage();
	await open(other, '/');
	await other.waitForTimeout(400);
	expect(await photos(other)).toBe(1);
	await page.getByRole('button', { name: 'Undo change its photo' }).click();
	await expect(pieceOn(page, 'A').locator('image')).toHaveCount(1);
	await page.getByRole('button', { name: 'Take it off' }).click();
	await kept(page);
	await page.close();
	// Its undo outlives the page, and may still ask for it; the project gone, nothing does.
	await other.reload();
	await other.waitForTimeout(400);
	expect(await photos(other)).toBe(1);
	await other.getByRole('button', { name: /^Delete / }).click();
	await expect(other.getByText('None yet.')).toBeVisible();
	const last = await context.newPage();
	await other.close();
	await open(last, '/');
	await expect.poll(() => photos(last)).toBe(0);
});

test('the rack works on a phone', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, 'B').focus();
	for (const name of ['piece', 'weight', 'check', 'wire', 'frame', 'back'])
		await page.getByRole('radio', { name, exact: true }).check();
	// Tall, so that no field lies half under the readout that stays at the bottom.
	await page.setViewportSize({ width: 390, height: 2400 });
	await accessible(page, 'rack on a phone');
	await page.setViewportSize({ width: 390, height: 844 });
	const wide = await page.evaluate(() => document.documentElement.scrollWidth);
	expect(wide).toBeLessThanOrEqual(390);
	await page.getByRole('button', { name: 'Table', exact: true }).click();
	await page.getByLabel('Find a piece').fill('curlew');
	await page.getByRole('button', { name: 'Curlew', exact: true }).click();
	await expect(bench(page).getByRole('heading', { name: /D · Curlew/ })).toBeVisible();
});
