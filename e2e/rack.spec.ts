import type { Locator, Page } from '@playwright/test';
import { png } from './png.ts';
import {
	accessible,
	expect,
	kept,
	measure,
	open,
	openDemo,
	pieceOn,
	station,
	test
} from './support.ts';

const bench = (page: Page): Locator => page.getByRole('complementary', { name: 'Bench' });

const part = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).check();

async function openRack(page: Page, letter: string): Promise<void> {
	await openDemo(page);
	await station(page, 'Rack').click();
	await pieceOn(page, letter).focus();
}

const picture = (name: string, buffer: Buffer, mimeType = 'image/png') => ({
	name,
	mimeType,
	buffer
});

test('a list is brought in: faults by row and column, nothing before it is accepted', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	await page.getByRole('button', { name: 'Table', exact: true }).click();
	await expect(page.getByText('26 of 26')).toBeVisible();
	await page.getByRole('button', { name: 'Bring in a list' }).click();
	const paste = page.getByLabel('Paste from a spreadsheet');
	await paste.fill(
		[
			'\uFEFFTitle;W (cm);H (cm);Weight kg;Letter',
			'Lantern;29,7;42;1,2;',
			'Slipway;30;x;0,9;',
			'Buoy;20;20;;A'
		].join('\n')
	);
	await expect(page.getByTestId('import-count')).toHaveText(/1 of 3 rows/);
	await expect(page.getByText('Row 3, height:')).toBeVisible();
	await expect(page.getByText('Row 4, letter:')).toBeVisible();
	await expect(page.getByText('26 of 26')).toBeVisible();

	// The letter's column is left out, so that the third row is taken as well.
	await page.getByRole('combobox', { name: 'Letter', exact: true }).selectOption('leave out');
	await expect(page.getByTestId('import-count')).toHaveText(/2 of 3 rows/);
	await page.getByRole('button', { name: 'Bring in 2 pieces' }).click();
	await expect(page.getByText('28 of 28')).toBeVisible();
	await page.getByLabel('Find a piece').fill('Lantern');
	const row = page.getByRole('row').filter({ hasText: 'Lantern' });
	// 29.7 cm is 11 11/16 in to the nearest 32nd; 1.2 kg is 2.6 lb.
	await expect(row).toContainText('11 11/16"');
	await expect(row).toContainText('2.6 lb');
	await page.getByLabel('Find a piece').fill('');
	await page.getByRole('button', { name: 'Undo add 2 pieces' }).click();
	await expect(page.getByText('26 of 26')).toBeVisible();

	await page.getByRole('button', { name: 'Bring in a list' }).click();
	await page.getByLabel('or open a CSV file').setInputFiles({
		name: 'many.csv',
		mimeType: 'text/csv',
		buffer: Buffer.from(`name,width,height\n${'Frame,8,10\n'.repeat(5000)}`)
	});
	await expect(page.getByTestId('import-count')).toHaveText('5000 of 5000 rows can be brought in.');
	await page.getByLabel('Paste from a spreadsheet').fill(`name,width\n"never closed`);
	await expect(page.getByRole('alert')).toContainText('never closed');
});

test('the table finds, sorts, narrows and edits together', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	await page.getByRole('button', { name: 'Table', exact: true }).click();
	const rows = page.locator('tbody tr[aria-rowindex]');
	await page.getByLabel('Find a piece').fill('estuary');
	await expect(rows).toHaveCount(5);
	await page.getByLabel('Find a piece').fill('');
	await page.getByLabel('Only this kind').selectOption('Plate or dish');
	await expect(rows).toHaveCount(3);
	await page.getByLabel('Only this kind').selectOption('every kind');
	await page.getByLabel('Only on this wall').selectOption('on no wall');
	await expect(rows).toHaveCount(4);
	await page.getByLabel('Only on this wall').selectOption('Tea room');
	await page.getByRole('button', { name: 'Width' }).click();
	await expect(rows.first()).toContainText('White enamel plate');
	await page.getByRole('button', { name: 'Width' }).click();
	await expect(rows.first()).toContainText('Ferry oar');
	await expect(page.getByRole('columnheader', { name: 'Width' })).toHaveAttribute(
		'aria-sort',
		'descending'
	);

	await page.getByLabel('Choose L').check();
	await page.getByLabel('Choose M').check();
	const together = page.getByRole('group', { name: 'Edit together' });
	await expect(together).toContainText('2 chosen');
	await together.getByLabel('set').fill('Kitchen plates');
	await together.getByLabel('set').press('Enter');
	await expect(page.getByRole('button', { name: 'Undo change 2 pieces' })).toBeVisible();
	await together.getByRole('button', { name: 'Remove them' }).click();
	await expect(rows).toHaveCount(7);
	await page.getByRole('button', { name: 'Undo remove 2 pieces' }).click();
	await expect(rows).toHaveCount(9);

	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'CSV' }).click();
	const text = await (await saved).createReadStream().then(async (stream) => {
		const parts: Buffer[] = [];
		for await (const piece of stream) parts.push(piece as Buffer);
		return Buffer.concat(parts).toString();
	});
	expect(text.split('\n')).toHaveLength(27);
	expect(text).toContain('C,Pier mirror,Mirror,"28""","38"""');

	await page.getByRole('button', { name: 'Rack', exact: true }).click();
	await page.locator('[data-rack="O"]').click();
	await expect(bench(page).getByRole('heading', { name: 'O · Ferry oar' })).toBeVisible();
});

test('a photo is cut, kept, shown, carried in the zip, and its outline traced', async ({
	page
}) => {
	await openRack(page, 'A');
	await part(page, 'piece');
	const add = page.getByLabel(/Add a photo|Another photo/);
	for (const [file, reason] of [
		[picture('a.svg', Buffer.from('<svg/>'), 'image/svg+xml'), 'can hold programs'],
		[picture('a.txt', Buffer.from('text'), 'text/plain'), 'is not a picture']
	] as const) {
		await add.setInputFiles(file);
		await expect(page.getByRole('alert')).toContainText(reason);
	}
	await add.setInputFiles(picture('broken.png', Buffer.from('not a png at all')));
	await page.getByRole('button', { name: 'Keep this photo' }).click();
	await expect(page.getByRole('alert')).toContainText('damaged');
	await page.getByRole('button', { name: 'Leave it' }).click();

	await add.setInputFiles(
		picture(
			'red.png',
			png(80, 60, () => [200, 40, 30])
		)
	);
	const corner = page.getByRole('button', { name: /^Upper left corner of the cut, 0 across/ });
	await corner.press('Shift+ArrowRight');
	await expect(page.getByRole('button', { name: /^Upper left corner.*, 5 across/ })).toBeVisible();
	await page.getByRole('button', { name: 'Turn', exact: true }).click();
	await page.getByRole('button', { name: 'Keep this photo' }).click();
	await expect(page.getByRole('img', { name: 'A, North channel chart' })).toBeVisible();
	await expect(pieceOn(page, 'A').locator('image')).toHaveAttribute('href', /^blob:/);

	// Turned a quarter, 80 by 60 became 60 by 80.
	const size = await page
		.getByRole('img', { name: 'A, North channel chart' })
		.evaluate((image: HTMLImageElement) => [image.naturalWidth, image.naturalHeight]);
	expect(size).toEqual([60, 80]);

	// An oar's outline out of the transparency of its photo: a plus sign has twelve corners.
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Tea room' }).click();
	await pieceOn(page, 'O').focus();
	const plus = (x: number, y: number) => (x > 30 && x < 60) || (y > 30 && y < 60);
	await add.setInputFiles(
		picture(
			'plus.png',
			png(90, 90, (x, y) => [60, 90, 40, plus(x, y) ? 255 : 0])
		)
	);
	await page.getByRole('button', { name: 'Keep this photo' }).click();
	await expect(page.getByRole('img', { name: 'O, Ferry oar' })).toBeVisible();
	await kept(page);

	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: /^Ferry House/ }).click();
	await page.getByRole('menuitem', { name: 'Export the project file' }).click();
	const file = await saved;
	expect(file.suggestedFilename()).toBe('ferry-house.zip');
	const path = await file.path();

	await page.getByRole('link', { name: 'Warm Porch' }).click();
	await expect(page.getByRole('heading', { name: 'Your projects' })).toBeVisible();
	await page.locator('input[type=file]').setInputFiles(path);
	await expect(pieceOn(page, 'A').locator('image')).toHaveAttribute('href', /^blob:/);
	await page.reload();
	await expect(pieceOn(page, 'A').locator('image')).toHaveAttribute('href', /^blob:/);
});

test('a piece is looked over, and its jobs are listed', async ({ page }) => {
	await openRack(page, 'C');
	await part(page, 'check');
	await expect(bench(page).getByText(/of 9 still to look at|still to look at/)).toBeVisible();
	const joints = page.getByRole('group', { name: /corners of the frame/ });
	await joints.getByRole('button', { name: 'fine' }).click();
	await expect(joints.getByRole('button', { name: 'fine' })).toHaveAttribute(
		'aria-pressed',
		'true'
	);
	const bumpers = page.getByRole('group', { name: /felt or bumpers/ });
	await bumpers.getByRole('button', { name: 'a job' }).click();
	await expect(bench(page).getByText('Stick felt bumpers on')).toBeVisible();
	await page.getByLabel(/^Note on: Firm felt/).fill('only one left');
	await page.getByRole('button', { name: '‹ All pieces' }).click();
	await expect(page.getByRole('heading', { name: 'Jobs before the day' })).toBeVisible();
	await expect(bench(page).getByText('(only one left)')).toBeVisible();
});

test('weight: by the scale, by the practice scale, and estimated with what would narrow it', async ({
	page
}) => {
	await openRack(page, 'F');
	await part(page, 'weight');
	await page.getByLabel('Weight by the scale').fill('');
	await station(page, 'Fix').click();
	await bench(page).getByText('Its hook as planned now').click();
	await expect(bench(page).getByText('Weigh it')).toBeVisible();
	await station(page, 'Rack').click();
	await part(page, 'weight');
	await page.getByRole('combobox', { name: 'Moulding', exact: true }).selectOption('oak');
	await page.getByRole('combobox', { name: 'Glazing', exact: true }).selectOption('glass, 2 mm');
	await page.getByLabel('It has a window mount').check();
	await expect(page.getByTestId('estimate')).toContainText('lb to');
	await expect(bench(page).getByText('worked out with the high end')).toBeVisible();
	await expect(bench(page).getByText(/which makes up most of the range/)).toBeVisible();
	await station(page, 'Fix').click();
	await bench(page).getByText('Its hook as planned now').click();
	await expect(bench(page).getByText('What it carries')).toBeVisible();
	await station(page, 'Rack').click();
	await part(page, 'weight');
	await page.getByRole('button', { name: 'Read the practice scale' }).click();
	await expect(bench(page).getByText(/With it .* lb, without .* lb/)).toBeVisible();
	await expect(bench(page).getByText('The scale’s figure is used.')).toBeVisible();
});

test('framing sums from the work outwards, and the wire workshop', async ({ page }) => {
	await openRack(page, 'F');
	await part(page, 'frame');
	await measure(page.getByLabel('Work, width'), '200 mm');
	await measure(page.getByLabel('Work, height'), '280 mm');
	await measure(page.getByLabel('Margin at top and sides'), '60 mm');
	// Window 194 x 274; sheets 314 x 399; outside + 2 x 1.5 + 2 x (20 - 6): 345 x 430 mm.
	await expect(page.getByTestId('outside')).toHaveText('13 19/32" × 16 15/16"');
	await page.getByRole('button', { name: 'Use it as the size of F' }).click();
	await measure(page.getByLabel('Work, width'), '3 mm');
	await expect(page.getByRole('alert')).toContainText('do not fit');

	await part(page, 'wire');
	await expect(
		page.getByRole('img', { name: /^Tension over weight against wire angle/ })
	).toBeVisible();
	// Ring to ring 2 √(4 1/8² + 1 3/4²) = 8 31/32, and two ties of 200 mm: 16.84, cut to the next half inch.
	await expect(page.getByTestId('cut')).toHaveText('17"');
	await expect(bench(page).getByText(/Take wire with a working load of/)).toBeVisible();
	await page.getByRole('button', { name: 'put them here' }).first().click();
	await expect(page.getByRole('button', { name: 'Undo measure its back' })).toBeVisible();
});

test('facts of a piece: kind, turn, mass off the middle, uneven rings, one more like it', async ({
	page
}) => {
	await openRack(page, 'A');
	await measure(page.getByLabel('Left ring down').or(page.getByLabel('Rings down')), '4 1/8');
	await page.getByRole('radio', { name: 'uneven' }).check();
	await measure(page.getByLabel('Right ring lower by'), '3/8');
	await expect(bench(page).getByText(/Left alone it will creep out of level/)).toBeVisible();

	await part(page, 'piece');
	await measure(page.getByLabel('Right of the middle'), '-2');
	await part(page, 'back');
	await expect(bench(page).getByText(/left side high|right side high/)).toBeVisible();

	await part(page, 'piece');
	await page.getByRole('button', { name: 'One more like it' }).click();
	await expect(bench(page).getByText('One of a set: Set of North channel chart.')).toBeVisible();
	await expect(bench(page).getByText('Hangs landscape')).toBeVisible();
	await page.getByRole('button', { name: 'Turn a quarter' }).click();
	await expect(bench(page).getByText('Hangs portrait')).toBeVisible();
	await page.getByLabel('Kind of piece').selectOption({ index: 2 });
	await expect(
		page.getByRole('group', { name: 'Glazing' }).getByRole('radio', { name: 'glass' })
	).toBeChecked();
	await page.getByRole('button', { name: '‹ All pieces' }).click();
	await expect(bench(page).getByText('North channel chart')).toHaveCount(2);
});

test('an outline is drawn by hand, corner by corner, and a finding keeps its photo', async ({
	page
}) => {
	await openRack(page, 'C');
	await part(page, 'piece');
	await page.getByRole('radio', { name: 'its own' }).check();
	const corners = page.getByRole('group', { name: 'Outline of C' }).getByRole('slider');
	await expect(corners).toHaveCount(4);
	await page.getByRole('button', { name: 'Add a corner' }).click();
	await expect(corners).toHaveCount(5);
	// The longest side of 28 by 38 is the right one; its new middle goes in by a tenth.
	const middle = page.getByRole('slider', { name: 'Corner 3' });
	await expect(middle).toHaveAttribute('aria-valuetext', /^100 across, 50 down/);
	for (let step = 0; step < 2; step++) await middle.press('Shift+ArrowLeft');
	await expect(middle).toHaveAttribute('aria-valuetext', /^90 across, 50 down/);
	await middle.press('Delete');
	await expect(corners).toHaveCount(4);
	for (let step = 0; step < 2; step++) await corners.first().press('Delete');
	await expect(corners).toHaveCount(3);
	await page.getByRole('radio', { name: 'straight' }).check();

	await part(page, 'check');
	const joints = page.getByRole('group', { name: /corners of the frame/ });
	await joints.getByRole('button', { name: 'a job' }).click();
	await page.getByLabel(/^Photo of: Press the corners/).setInputFiles(
		picture(
			'crack.png',
			png(40, 30, () => [90, 60, 40])
		)
	);
	await expect(page.getByRole('img', { name: /^Noted on: Press the corners/ })).toBeVisible();
	await page
		.getByLabel(/^Photo of: Press the corners/)
		.setInputFiles(picture('note.txt', Buffer.from('x'), 'text/plain'));
	await expect(bench(page).getByRole('alert')).toContainText('is not a picture');
});

test('every kind of piece starts with a way to hang that suits it', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Rack').click();
	const options = page.getByLabel('Kind of piece').locator('option');
	await expect(options).toHaveCount(9);
	// The last is what this app is not for.
	const kinds = (await options.allInnerTexts()).slice(0, -1);
	for (const kind of kinds) {
		await page.getByLabel('Kind of piece').selectOption(kind);
		await page.getByLabel('Width', { exact: true }).fill('12');
		await page.getByLabel('Height', { exact: true }).fill('12');
		await page.getByRole('button', { name: 'Add a piece' }).click();
		const chosen = page.getByRole('combobox', { name: /^How it hangs/ });
		await expect(chosen.locator(`optgroup[label="Usual for ${kind.toLowerCase()}"]`)).toHaveCount(
			1
		);
		await expect(bench(page).getByText(/^Stop\./)).toHaveCount(0);
		await page.getByRole('button', { name: '‹ All pieces' }).click();
	}
});

test('a hanger says where it falls short, at the place', async ({ page }) => {
	await openRack(page, 'C');
	await page.getByRole('combobox', { name: /^How it hangs/ }).selectOption('Wire on one hook');
	await expect(bench(page).getByText(/heavy mirror on a wire/)).toBeVisible();
	await page.getByRole('combobox', { name: /^How it hangs/ }).selectOption('Cleat or split batten');
	await measure(page.getByLabel('Wall cleat'), '40');
	await expect(bench(page).getByRole('alert').first()).toContainText('reaches beyond the side');
	await expect(page.getByRole('region', { name: 'Readout' })).toContainText('no mark yet');
	await measure(page.getByLabel('Wall cleat'), '24');
	await page.getByText('Tape strip').click();
	await expect(bench(page).getByText(/Write LEFT at the end/)).toBeVisible();
	await page.getByText('Step by step').click();
	await expect(bench(page).getByText(/Lower the piece onto the wall half/)).toBeVisible();
});

test('the table and its import are accessible', async ({ page }) => {
	await open(page, '/demo');
	await station(page, 'Rack').click();
	await page.getByRole('button', { name: 'Table', exact: true }).click();
	await page.getByRole('button', { name: 'Bring in a list' }).click();
	await page.getByLabel('Paste from a spreadsheet').fill('name,width,height\nA,1,x\nB,2,3');
	await accessible(page, 'table');
	await page.getByRole('button', { name: 'Rack', exact: true }).click();
	await accessible(page, 'leaning rack');
	await page.locator('[data-rack="B"]').click();
	for (const name of ['piece', 'weight', 'check', 'wire', 'frame']) {
		await part(page, name);
		await accessible(page, name);
	}
});
