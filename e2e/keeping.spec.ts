import { readFile, writeFile } from 'node:fs/promises';
import { DEMO } from '../src/lib/store/demo/index.ts';
import type { BrowserContext, Page } from '@playwright/test';
import {
	accessible,
	expect,
	kept,
	measure,
	open,
	openDemo,
	pieceOn,
	readout,
	station,
	test,
	withoutLocks
} from './support.ts';

const own = { ...DEMO, id: 'my-own', name: 'Own house' };
const asFile = (name: string, text: string) => ({
	name,
	mimeType: 'application/json',
	buffer: Buffer.from(text)
});

test('a file opens by the button or by dropping it, and a bad one is refused whole', async ({
	page
}, info) => {
	await open(page, '/');
	const input = page.locator('input[type=file]');
	const refusals: [string, string][] = [
		['{', 'it is not JSON'],
		['{"format":"else"}', 'not a Warm Porch project file'],
		[JSON.stringify({ ...own, version: 9 }), 'of version 9'],
		[JSON.stringify({ ...own, pieces: [{ ...own.pieces[0], width: -1 }] }), 'pieces.0.width'],
		['PK damaged', 'damaged and cannot be opened']
	];
	for (const [text, reason] of refusals) {
		await input.setInputFiles(asFile('bad.json', text));
		await expect(page.getByText(reason).first()).toBeVisible();
	}
	const huge = info.outputPath('huge.json');
	await writeFile(huge, ' '.repeat(24 * 1024 * 1024 + 10));
	await input.setInputFiles(huge);
	await expect(page.getByText('larger than 24 MB').first()).toBeVisible();
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
	// Typing takes the place of the old name.
	await page.keyboard.type('Boat house');
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

/** Moves a piece in another window, and then one in this. */
async function changeElsewhere(page: Page, context: BrowserContext): Promise<void> {
	const other = await context.newPage();
	await openDemo(other);
	await pieceOn(other, 'A').press('Shift+ArrowRight');
	await kept(other);
	await other.close();
	await pieceOn(page, 'B').press('Shift+ArrowLeft');
}

test('two windows that know nothing of each other never write over each other', async ({
	page,
	context
}) => {
	await withoutLocks(context);
	await openDemo(page);
	await changeElsewhere(page, context);
	await expect(page.getByRole('alert')).toContainText('changed in another window');
	await page.getByRole('button', { name: 'Keep this one as a copy' }).click();
	await expect(page.getByRole('button', { name: /\(copy\)/ })).toBeVisible();
	await pieceOn(page, 'B').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('54"');
});

test('what was done is there again, however soon the page goes away', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	const place = async () => {
		await pieceOn(page, 'A').focus();
		return page.getByLabel('Middle, from the left corner').inputValue();
	};
	let before = await place();
	for (const wait of [0, 0, 30, 100, 150, 200, 250, 300]) {
		await pieceOn(page, 'A').press('Shift+ArrowRight');
		await page.waitForTimeout(wait);
		if (wait === 100) await page.goto('/one');
		await (wait === 100 ? openDemo(page) : page.reload());
		const now = await place();
		expect(now, `after ${wait} ms`).not.toBe(before);
		before = now;
	}
});

/** Lets the browser keep nothing more until it is told otherwise. */
async function fillStorage(page: Page): Promise<(full: boolean) => Promise<void>> {
	await page.evaluate(() => {
		const put = IDBObjectStore.prototype.put as (...given: unknown[]) => IDBRequest;
		const store = window as unknown as { full: boolean };
		IDBObjectStore.prototype.put = function (...given: unknown[]) {
			if (store.full) throw new DOMException('No room is left.', 'QuotaExceededError');
			return put.apply(this, given);
		};
	});
	return (full) =>
		page.evaluate((is) => void ((window as unknown as { full: boolean }).full = is), full);
}

test('nobody leaves with what is not kept without being asked', async ({ page, context }) => {
	await withoutLocks(context);
	await openDemo(page);
	await changeElsewhere(page, context);
	await expect(page.getByTestId('keeping')).toHaveText('not kept');

	const home = page.getByRole('link', { name: 'Warm Porch' });
	await home.click();
	const asked = page.getByRole('alertdialog', { name: 'This project is not kept' });
	await expect(asked).toContainText('changed in another window');
	await accessible(page, 'leaving with what is not kept');
	await asked.getByRole('button', { name: 'Stay here' }).click();
	await expect(pieceOn(page, 'B')).toBeVisible();

	const dialogs: string[] = [];
	page.on('dialog', (dialog) => {
		dialogs.push(dialog.type());
		void dialog.dismiss();
	});
	await page.reload({ timeout: 2000 }).catch(() => undefined);
	expect(dialogs).toEqual(['beforeunload']);

	await home.click();
	await asked.getByRole('button', { name: 'Leave without it' }).click();
	await expect(page.getByText('None yet.')).toBeVisible();
});

test('at the wall no step is passed while what was done there cannot be kept', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await openDemo(page);
	await station(page, 'Hang').click();
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	const heading = page.getByRole('heading', { level: 2 });
	await expect(heading).toHaveText('The width again');
	await kept(page);
	const full = await fillStorage(page);
	await full(true);
	await page.getByRole('button', { name: /simulated laser/ }).click();
	await page.getByRole('button', { name: 'Keep it, next' }).click();
	await expect(heading).toHaveText('What you did is not kept');
	await expect(page.getByText('“The width again” waits')).toBeVisible();
	await accessible(page, 'a step that is not kept');
	await page.getByRole('button', { name: 'Try again' }).click();
	await expect(heading).toHaveText('What you did is not kept');
	// It is tried again by itself.
	await full(false);
	await expect(heading).toHaveText('The width again');
	await expect(page.getByTestId('keeping')).toHaveText('kept');
	await page.getByRole('button', { name: 'Keep it, next' }).click();
	await expect(heading).toHaveText('The height again');
});

test('a project that cannot be read stays listed, says why, and is saved as it lies', async ({
	page
}) => {
	await open(page, '/');
	await page.locator('input[type=file]').setInputFiles(asFile('own.json', JSON.stringify(own)));
	await expect(pieceOn(page, 'C')).toBeVisible();
	const address = page.url();
	await open(page, '/');
	await page.evaluate(async () => {
		const asked = indexedDB.open('warm-porch');
		await new Promise((resolve) => (asked.onsuccess = resolve));
		const rows = asked.result.transaction('projects', 'readwrite').objectStore('projects');
		const got = rows.get('my-own');
		await new Promise((resolve) => (got.onsuccess = resolve));
		const row = got.result as { project: { pieces: { width: number }[] } };
		row.project.pieces[0]!.width = -7;
		await new Promise((resolve) => (rows.put(row).onsuccess = resolve));
		asked.result.close();
	});
	await page.reload();
	const card = page.getByRole('main').getByRole('listitem').filter({ hasText: 'Own house' });
	await expect(card).toContainText('It cannot be opened.');
	await expect(card).toContainText('pieces.0.width');
	await accessible(page, 'a project that cannot be read');
	const raw = async () => {
		const [saved] = await Promise.all([
			page.waitForEvent('download'),
			page.getByRole('button', { name: 'Save its raw file' }).click()
		]);
		return JSON.parse(await readFile(await saved.path(), 'utf8')) as typeof DEMO;
	};
	expect((await raw()).pieces[0]!.width).toBe(-7);
	await card.getByRole('button', { name: 'Delete Own house' }).click();
	await expect(page.getByText('None yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(card).toContainText('It cannot be opened.');
	await open(page, address);
	await expect(page.getByRole('heading', { name: 'This project cannot be opened' })).toBeVisible();
	expect((await raw()).pieces[0]!.width).toBe(-7);
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
