import { readFile } from 'node:fs/promises';
import { DEMO } from '../src/lib/store/demo/index.ts';
import {
	expect,
	kept,
	measure,
	open,
	openDemo,
	pieceOn,
	readout,
	station,
	test
} from './support.ts';

const own = { ...DEMO, id: 'my-own', name: 'Own house' };
const asFile = (name: string, text: string) => ({
	name,
	mimeType: 'application/json',
	buffer: Buffer.from(text)
});

test('a file opens by the button or by dropping it, and a bad one is refused whole', async ({
	page
}) => {
	await open(page, '/');
	const input = page.locator('input[type=file]');
	const refusals: [string, string][] = [
		['{', 'it is not JSON'],
		['{"format":"else"}', 'not a Warm Porch project file'],
		[JSON.stringify({ ...own, version: 9 }), 'of version 9'],
		[JSON.stringify({ ...own, pieces: [{ ...own.pieces[0], width: -1 }] }), 'pieces.0.width'],
		[' '.repeat(24 * 1024 * 1024 + 10), 'larger than 24 MB'],
		['PK damaged', 'damaged and cannot be opened']
	];
	for (const [text, reason] of refusals) {
		await input.setInputFiles(asFile('bad.json', text));
		await expect(page.getByText(reason).first()).toBeVisible();
	}
	await expect(page.getByText('None yet.')).toBeVisible();

	const data = await page.evaluateHandle((text) => {
		const transfer = new DataTransfer();
		transfer.items.add(new File([text], 'own.json', { type: 'application/json' }));
		return transfer;
	}, JSON.stringify(own));
	await page.dispatchEvent('body', 'dragover', { dataTransfer: data });
	await expect(page.getByText('Let go to open the project file')).toBeVisible();
	await page.dispatchEvent('body', 'drop', { dataTransfer: data });
	await expect(pieceOn(page, 'C')).toBeVisible();

	// The home page lists it with a drawing; it can be copied and deleted, and the deletion undone.
	await page.getByRole('link', { name: 'Warm Porch' }).click();
	await expect(page.getByRole('img', { name: 'Stair hall, 7 pieces' })).toHaveCount(1);
	await page.getByRole('button', { name: 'Duplicate Own house' }).click();
	await expect(page.getByText('Own house (copy)')).toBeVisible();
	await page.getByRole('button', { name: 'Delete Own house', exact: true }).click();
	await expect(page.getByRole('img')).toHaveCount(1);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('img')).toHaveCount(2);

	// Opening the same file again never writes over the one that is there.
	await input.setInputFiles(asFile('own.json', JSON.stringify(own)));
	await expect(pieceOn(page, 'C')).toBeVisible();
	await page.getByRole('link', { name: 'Warm Porch' }).click();
	await expect(page.getByRole('img')).toHaveCount(3);
});

test('renaming, duplicating and deleting from the menu', async ({ page }) => {
	await openDemo(page);
	const menu = () => page.getByRole('button', { name: /Stair hall/ }).click();
	await menu();
	await page.getByRole('menuitem', { name: 'Copy the demo to my projects' }).click();
	await expect(page.getByRole('button', { name: /Ferry House \(copy\)/ })).toBeVisible();
	await menu();
	await page.getByRole('menuitem', { name: 'Rename the project' }).click();
	const name = page.getByLabel('Project name');
	await expect(name).toBeFocused();
	await name.fill('Boat house');
	await name.press('Enter');
	await expect(page.getByRole('button', { name: /Boat house/ })).toBeVisible();
	await menu();
	await page.getByRole('menuitem', { name: 'Add a wall' }).click();
	await expect(page.getByRole('group', { name: 'Elevation of Wall 4' })).toBeVisible();
	await page
		.getByRole('button', { name: /Wall 4/ })
		.first()
		.click();
	await page.getByRole('menuitem', { name: 'Stair hall' }).click();
	await expect(pieceOn(page, 'A')).toBeVisible();
	await kept(page);
	await menu();
	await page.getByRole('menuitem', { name: 'Delete the project' }).click();
	await expect(page.getByText('None yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('button', { name: /Boat house/ })).toBeVisible();
});

test('the demo can be changed, is kept apart, and is reset', async ({ page }) => {
	await openDemo(page);
	await pieceOn(page, 'A').focus();
	await page.keyboard.press('Shift+ArrowRight');
	await kept(page);
	await page.getByRole('link', { name: 'Warm Porch' }).click();
	await expect(page.getByText('None yet.')).toBeVisible();
	await page.getByRole('link', { name: 'Open the demo' }).click();
	await pieceOn(page, 'A').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('56"');
	await page.getByRole('button', { name: /Stair hall/ }).click();
	await page.getByRole('menuitem', { name: 'Reset the demo' }).click();
	await expect(async () => {
		await pieceOn(page, 'A').focus();
		await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('55"', {
			timeout: 500
		});
	}).toPass();
});

test('two windows never write over each other', async ({ page, context }) => {
	await openDemo(page);
	const other = await context.newPage();
	await openDemo(other);
	await pieceOn(other, 'A').focus();
	await other.keyboard.press('Shift+ArrowRight');
	await kept(other);
	await pieceOn(page, 'B').focus();
	await page.keyboard.press('Shift+ArrowLeft');
	await expect(page.getByRole('alert')).toContainText('changed in another window');
	await page.getByRole('button', { name: 'Keep this one as a copy' }).click();
	await expect(page.getByRole('button', { name: /\(copy\)/ })).toBeVisible();
	await pieceOn(page, 'B').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('54"');
});

test('blocked storage is said at once, and the project can still be exported', async ({ page }) => {
	await page.addInitScript(() => {
		IDBFactory.prototype.open = () => {
			throw new DOMException('The operation is insecure.', 'SecurityError');
		};
	});
	await open(page, '/');
	await expect(page.getByRole('alert')).toContainText('does not let us keep projects');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await measure(page.getByLabel('Width', { exact: true }), '20');
	await measure(page.getByLabel('Height', { exact: true }), '10');
	await page.getByRole('button', { name: 'Add a piece' }).click();
	await expect(page.getByTestId('keeping')).toHaveText('not kept');
	const saved = page.waitForEvent('download');
	await page.getByRole('button', { name: 'Export the project' }).click();
	const file = JSON.parse(await readFile(await (await saved).path(), 'utf8')) as typeof DEMO;
	expect(file.pieces[0]!.width).toBeCloseTo(508, 9);
});

test('house rules change every mark, and schools give their reasons', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	await pieceOn(page, 'F').focus();
	await page.getByRole('radio', { name: 'centre line' }).check();
	const before = await readout(page).innerText();
	await page.getByRole('button', { name: 'House rules' }).click();
	const sheet = page.getByRole('dialog');
	await expect(sheet).toContainText('adults and children both see it well');
	await sheet.getByRole('button', { name: /^60 in/ }).click();
	await expect(sheet.getByLabel('Centre height')).toHaveValue('60"');
	await sheet.getByRole('radio', { name: '1/8' }).check();
	await measure(sheet.getByLabel('Hook below the top edge, at least'), '3');
	await sheet.getByRole('radio', { name: 'millimetres' }).check();
	await expect(sheet.getByLabel('Centre height')).toHaveValue('1524 mm');
	await page.keyboard.press('Escape');
	await expect(page.getByRole('complementary', { name: 'Bench' })).toContainText(
		'close under the top edge'
	);
	expect(await readout(page).innerText()).not.toBe(before);
	// 60 + 7 - 1 3/4 + 3/4: 66 in; the floor lies 13/32 lower at 109 in... 1684 mm with it.
	await expect(readout(page)).toContainText('mm');
});
