import { readFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import {
	accessible,
	aPhoto,
	expect,
	kept,
	measure,
	openAsFile,
	openDemo,
	pieceOn,
	readout,
	station,
	test
} from './support.ts';
import { hungDemo } from './hung-demo.ts';
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
	await expect(cards(page).first().or(bench(page).getByRole('alert'))).toBeVisible();
	await expect(page.getByRole('button', { name: 'Stop' })).toHaveCount(0);
}

test('each demo wall is arranged in three styles, the last hung and taken back', async ({
	page
}) => {
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
	const gaps = page.getByLabel(/^Gap (left of|right of|above|below) U$/);
	await expect
		.poll(async () => Promise.all((await gaps.all()).map((gap) => gap.inputValue())))
		.toContain('51 mm');
	await accessible(page, 'arranged');
	await page.getByRole('button', { name: 'Undo arrange the wall' }).click();
	await pieceOn(page, 'T').focus();
	await expect(bench(page).getByLabel(/^Middle, from/)).toHaveValue('700 mm');
});

test('ideas stay while a piece is chosen, keep their wishes, and one is taken by dragging in it', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Tea room');
	await page.getByLabel('Gap', { exact: true }).fill('3"');
	await page.keyboard.press('Enter');
	await ask(page, 'Cluster');
	const shown = await cards(page).count();
	await cards(page).first().getByRole('button').first().click();
	// A click chooses a piece of the idea; the idea stays, and so does what is looked at.
	const [first] = await page.locator('[data-piece]').all();
	const letter = (await first!.getAttribute('data-piece'))!;
	await first!.click();
	await expect(cards(page)).toHaveCount(shown);
	await expect(cards(page).first().getByRole('button', { name: 'Hang it so' })).toBeVisible();
	await page.getByRole('radio', { name: `Piece ${letter}` }).check();
	await expect(bench(page)).toContainText('This is an idea');
	await page.getByRole('radio', { name: 'Ideas' }).check();
	await expect(cards(page)).toHaveCount(shown);
	await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
	// Who moves a piece of it has taken it: two steps, the idea and the move.
	await pieceOn(page, letter).focus();
	await page.keyboard.press('ArrowLeft');
	await page.getByRole('button', { name: /^Undo move/ }).click();
	await page.getByRole('button', { name: 'Undo arrange the wall' }).click();
	await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
	// What was wished for is still there after another station.
	await station(page, 'Rack').click();
	await station(page, 'Arrange').click();
	await page.keyboard.press('Escape');
	await expect(page.getByLabel('Gap', { exact: true })).toHaveValue('3"');
	await expect(page.getByLabel('Way to hang the group')).toHaveValue('cluster');
});

test('pieces on no wall wait on the shelf: pressed, dragged up with snaps, or given to the ideas', async ({
	page
}) => {
	await openDemo(page);
	await goTo(page, 'Tea room');
	const shelf = page.getByRole('region', { name: 'Shelf' });
	await expect(shelf.getByRole('button', { name: /^Put/ })).toHaveCount(4);
	// Dragged to the centre line, it settles on it, and is off the shelf.
	const centreLine = (await page.locator('.centre-line rect').boundingBox())!;
	const from = (await shelf.locator('[data-shelf="H"]').boundingBox())!;
	await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
	await page.mouse.down();
	await page.mouse.move(from.x + 40, from.y - 150, { steps: 4 });
	await page.mouse.move(352, centreLine.y + centreLine.height / 2, { steps: 6 });
	await page.mouse.up();
	await expect(shelf.locator('[data-shelf="H"]')).toHaveCount(0);
	await pieceOn(page, 'H').focus();
	await expect(bench(page).getByRole('radio', { name: 'centre line' })).toBeChecked();
	// Let go beside the wall it stays where it was.
	const signal = (await shelf.locator('[data-shelf="P"]').boundingBox())!;
	await page.mouse.move(signal.x + 10, signal.y + 20);
	await page.mouse.down();
	await page.mouse.move(signal.x + 10, signal.y - 200, { steps: 4 });
	await page.mouse.move(1200, 400, { steps: 4 });
	await page.mouse.up();
	await expect(shelf.locator('[data-shelf="P"]')).toBeVisible();
	await expect(page.locator('[data-piece="P"]')).toHaveCount(0);
	// Pressed, by keys too, it goes where there is room.
	await shelf.locator('[data-shelf="S"]').press('Enter');
	await expect(page.locator('[data-piece="S"]')).toBeVisible();
	await expect(bench(page).getByText(/overlap/)).toHaveCount(0);
	await shelf.getByRole('button', { name: 'Ideas with all of them' }).click();
	await expect(bench(page).getByText('Pieces: 13 of 13')).toBeVisible();
	await accessible(page, 'the shelf');
});

test('too much is said, a region is taped out, and pieces are left out', async ({ page }) => {
	await openDemo(page);
	await ask(page, 'Single hang');
	await expect(bench(page).getByRole('alert')).toContainText('As single hang');
	await expect(bench(page).getByRole('alert')).toContainText('Leave a piece out');
	// What is offered is tried, and does it.
	await bench(page)
		.getByRole('button', { name: /^Leave .* out$/ })
		.click();
	await expect(cards(page).first()).toBeVisible();
	await bench(page)
		.getByText(/^Pieces: \d of 11/)
		.click();
	for (const letter of ['C', 'A', 'B'])
		await bench(page).getByLabel(letter, { exact: true }).uncheck();
	for (const letter of ['D', 'E', 'F', 'G'])
		await bench(page).getByLabel(letter, { exact: true }).check();
	await page.getByText('Only in a part of the wall').click();
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
	await measure(bench(page).getByLabel(/^Centre, up from/), '64 1/2');
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

test('a mend that would move what is locked or hangs is not offered, and says why', async ({
	page
}) => {
	await openDemo(page);
	const look = page.getByTestId('second-look');
	await pieceOn(page, 'E').focus();
	await measure(bench(page).getByLabel(/^Centre, up from/), '64 1/2');
	await bench(page).getByRole('button', { name: 'Lock in place' }).click();
	await page.keyboard.press('Escape');
	const slip = look.locator('li').filter({ hasText: 'of D and E are' });
	await expect(slip).toContainText('E is locked, and would have to be moved.');
	await expect(slip.getByRole('button')).toHaveCount(0);
});

test('what hangs on one wall comes down before it is put on another, in one step', async ({
	page
}) => {
	await openAsFile(page, hungDemo());
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Tea room' }).click();
	await station(page, 'Arrange').click();
	await page.getByText(/^On other walls:/).click();
	await bench(page)
		.getByRole('button', { name: /^A North channel chart|^A / })
		.first()
		.click();
	await expect(bench(page)).toContainText('A hangs on Stair hall.');
	await page.getByRole('button', { name: 'Take A down there, and put it on this wall' }).click();
	await expect(pieceOn(page, 'A')).toBeVisible();
	await station(page, 'Book').click();
	await page.getByRole('radio', { name: 'history' }).check();
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Stair hall' }).click();
	await expect(page.getByText('A was taken down: moved to Tea room.')).toBeVisible();
	await page.getByRole('button', { name: /^Undo take A down/ }).click();
	await expect(pieceOn(page, 'A')).toBeVisible();
	await expect(page.getByText('A was taken down: moved to Tea room.')).toHaveCount(0);
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
		[
			{ ...wanted, pieces: [{ ...wanted.pieces[0], colour: 'red' }] },
			'not-valid',
			'pieces.0.colour'
		],
		[
			{ ...wanted, locked: wanted.pieces.map(({ id }) => ({ id, x: 900, y: 900 })) },
			'locked-conflict',
			'locked'
		],
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

test('pieces are locked, grouped, moved to a typed gap, taken out of a row, and a space is kept free', async ({
	page
}) => {
	await openDemo(page);
	const place = async (letter: string) => {
		await pieceOn(page, letter).focus();
		return bench(page)
			.getByLabel(/^Middle, from/)
			.inputValue();
	};
	await pieceOn(page, 'C').click();
	await page.getByRole('button', { name: 'Lock in place' }).click();
	await expect(pieceOn(page, 'C')).toHaveAttribute('aria-label', /locked in place/);
	await page.keyboard.press('Escape');
	await pieceOn(page, 'C').focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByText('C is locked in place.')).toBeVisible();
	expect(await place('C')).toBe('84"');

	// A group moves as one: D and E by one arrow key, an inch with Shift.
	await pieceOn(page, 'D').click();
	await pieceOn(page, 'E').click({ modifiers: ['Shift'] });
	await page.getByRole('button', { name: 'Make them a group' }).click();
	await page.keyboard.press('Escape');
	await pieceOn(page, 'D').focus();
	await page.keyboard.press('Shift+ArrowRight');
	expect([await place('D'), await place('E')]).toEqual(['110"', '123"']);
	await page.getByRole('button', { name: 'Take the group of 2 apart' }).click();

	// E is 6 3/4 in from the casing; at a gap of 3 in to D it stands at 110 + 11 + 3.
	await measure(page.getByLabel('Gap left of E'), '3');
	expect(await place('E')).toBe('124"');
	await pieceOn(page, 'F').focus();
	await page.getByLabel('Gap right of F').fill('9');
	await page.keyboard.press('Escape');
	expect(await place('F')).toBe('109"');

	// D leaves its row between the locked mirror and E: E alone comes up to the house gap.
	await pieceOn(page, 'D').focus();
	await page.getByRole('button', { name: 'Take it off and close the gap up' }).click();
	// The mirror reaches to 98, the gap is 2, half of E 5 1/2.
	expect(await place('E')).toBe('105 1/2"');

	await page.keyboard.press('Escape');
	await page.getByText('Only in a part of the wall').click();
	await page.getByRole('button', { name: 'Keep a space free' }).click();
	const box = (await page.getByTestId('taping').boundingBox())!;
	await page.mouse.move(box.x + box.width * 0.4, box.y + 20);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * 0.5, box.y + 80, { steps: 3 });
	await page.mouse.up();
	await expect(bench(page).getByText(/^Kept free:/)).toBeVisible();
	await page.getByRole('button', { name: 'Tape corner by corner' }).click();
	for (const [x, y] of [
		[0.3, 0.6],
		[0.7, 0.6],
		[0.5, 0.2]
	] as const)
		await page.mouse.click(box.x + box.width * x, box.y + box.height * y);
	await page.keyboard.press('Enter');
	await expect(page.getByTestId('region')).toContainText('from the left');
	await accessible(page, 'taped');
});

test('an arrangement is compared, looked at from where people stand, seen in a photo and laid on the floor', async ({
	page
}) => {
	await openDemo(page);
	const stage = (name: string) =>
		page
			.getByRole('group', { name: 'On the stage' })
			.getByRole('button', { name, exact: true })
			.click();
	await stage('Compare');
	await page.getByRole('button', { name: 'Keep a copy' }).click();
	await expect(page.getByRole('row', { name: /^balance/ }).getByRole('cell')).toHaveCount(2);
	await accessible(page, 'compare');
	await stage('Wall');
	await pieceOn(page, 'A').focus();
	await page.keyboard.press('Shift+ArrowLeft');
	await stage('Compare');
	await page.getByRole('button', { name: 'Hang this one' }).click();
	await stage('Wall');
	await pieceOn(page, 'A').focus();
	await expect(bench(page).getByLabel(/^Middle, from/)).toHaveValue('55"');

	await stage('Step back');
	await expect(page.getByTestId('look')).toContainText('below these eyes');
	await page.getByRole('radio', { name: 'a child of six' }).check();
	await expect(page.getByTestId('look')).toContainText('above these eyes');
	await page.getByRole('slider', { name: /Where you stand/ }).fill('0');
	await expect(page.getByLabel('Stands, from the left')).toHaveValue('0"');
	await accessible(page, 'step back');

	await stage('Floor');
	// C is 28 by 38 and reaches lowest; the group is 82 1/2 wide.
	await expect(page.getByRole('row', { name: /^C/ })).toContainText('25"');
	await page.getByRole('link', { name: 'On paper' }).click();
	await expect(page.getByRole('heading', { name: /floor first/ })).toBeVisible();
	await expect(page.locator('.page')).toContainText('82 1/2"');
	await accessible(page, 'floor on paper');
	await page.getByRole('link', { name: /Back to the arrangement/ }).click();

	await stage('Photo');
	await page.locator('input[type=file]').setInputFiles(await aPhoto(page));
	const corner = page.getByRole('button', { name: /^upper left corner, 30 % across/ });
	await expect(corner).toBeVisible();
	await expect(page.getByRole('img', { name: '7 pieces in the photo' })).toBeVisible();
	await corner.focus();
	for (let press = 0; press < 8; press++) await page.keyboard.press('Shift+ArrowLeft');
	await expect(
		page.getByRole('button', { name: /^upper left corner, 1\d % across/ })
	).toBeVisible();
	await accessible(page, 'photo');
	// The photo with the pieces in it is saved as a picture; the photo is dark, the pieces are not.
	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Save as a picture' }).click();
	const picture = await saved;
	expect(picture.suggestedFilename()).toMatch(/photo\.jpg$/);
	const bright = await page.evaluate(
		async (base64) => {
			const bytes = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
			const image = await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' }));
			const context = new OffscreenCanvas(image.width, image.height).getContext('2d')!;
			context.drawImage(image, 0, 0);
			const { data } = context.getImageData(0, 0, image.width, image.height);
			let count = 0;
			for (let at = 0; at < data.length; at += 4) if (data[at]! > 120) count++;
			return count / (data.length / 4);
		},
		(await readFile(await picture.path())).toString('base64')
	);
	expect(bright).toBeGreaterThan(0.02);
	// Past its right neighbour the four are no rectangle any more, and that is said.
	await page.getByRole('button', { name: /^upper left corner/ }).focus();
	for (let press = 0; press < 60; press++) await page.keyboard.press('Shift+ArrowRight');
	await expect(page.getByRole('alert')).toContainText('put them in order');
	await kept(page);
});
