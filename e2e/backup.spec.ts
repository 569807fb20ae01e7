import { readFile, writeFile } from 'node:fs/promises';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { accessible, expect, kept, open, pieceOn, station, test } from './support.ts';

const own = { ...DEMO, id: 'my-own', name: 'Own house' };
const asFile = (name: string, text: string) => ({
	name,
	mimeType: 'application/json',
	buffer: Buffer.from(text)
});

test('everything is saved as one file and comes back in another browser, or beside what is there', async ({
	page,
	browser
}, info) => {
	await open(page, '/');
	const file = page.locator('input[type=file]');
	await file.setInputFiles(asFile('own.json', JSON.stringify(own)));
	await expect(pieceOn(page, 'C')).toBeVisible();
	await open(page, '/');
	await file.setInputFiles(
		asFile('other.json', JSON.stringify({ ...own, id: 'other', name: 'Other house' }))
	);
	await expect(pieceOn(page, 'C')).toBeVisible();
	await open(page, '/');
	await expect(page.getByText('Only this browser holds 2 projects')).toBeVisible();
	await accessible(page, 'a list that asks for a backup');
	const [saved] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'Save a backup of everything' }).click()
	]);
	expect(saved.suggestedFilename()).toMatch(/^warm-porch-backup-\d{4}-\d\d-\d\d\.zip$/);
	const zip = info.outputPath('backup.zip');
	await writeFile(zip, await readFile(await saved.path()));
	await expect(page.getByText('Everything is in your last backup.')).toBeVisible();

	// In a fresh browser all of it is there as it was.
	const fresh = await (await browser.newContext()).newPage();
	await open(fresh, '/');
	await fresh.locator('input[type=file]').setInputFiles(zip);
	await expect(fresh.getByRole('heading', { name: 'Restore a backup' })).toBeVisible();
	await expect(fresh.getByText('Not in this browser.')).toHaveCount(2);
	await accessible(fresh, 'a backup');
	await fresh.getByRole('button', { name: 'Restore 2 projects' }).click();
	await expect(fresh.getByText('Brought back.')).toHaveCount(2);
	await fresh.getByRole('link', { name: 'All projects' }).click();
	await fresh.getByRole('link', { name: /Own house/ }).click();
	await fresh.getByRole('button', { name: /Stair hall/ }).click();
	const [exported] = await Promise.all([
		fresh.waitForEvent('download'),
		fresh.getByRole('menuitem', { name: 'Export the project file' }).click()
	]);
	expect(JSON.parse(await readFile(await exported.path(), 'utf8'))).toEqual(
		JSON.parse(JSON.stringify(own))
	);

	// Where one was worked on meanwhile, it is left, unless somebody says otherwise.
	await page.getByRole('link', { name: /Own house/ }).click();
	await station(page, 'Arrange').click();
	await pieceOn(page, 'A').press('Shift+ArrowRight');
	await kept(page);
	await open(page, '/');
	await expect(page.getByText('Only this browser holds 1 project')).toBeVisible();
	await file.setInputFiles(zip);
	await expect(page.getByText('Newer here than in the backup.')).toBeVisible();
	await expect(page.getByText('Here as it is in the backup.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Nothing is chosen' })).toBeDisabled();
	const choice = page.getByRole('group', { name: 'What becomes of Own house' });
	await choice.getByRole('radio', { name: 'replace mine' }).check();
	await page.getByText('What would be replaced').click();
	await expect(page.getByText('Stair hall: A is placed otherwise.')).toBeVisible();
	await page.getByRole('button', { name: 'Restore 1 project' }).click();
	await expect(page.getByText('Brought back.')).toBeVisible();
	await page.getByRole('link', { name: 'All projects' }).click();
	await page.getByRole('link', { name: /Own house/ }).click();
	await pieceOn(page, 'A').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('55"');
	// What was replaced is among its earlier versions.
	await page
		.getByRole('button', { name: /Stair hall/ })
		.first()
		.click();
	await page.getByRole('menuitem', { name: 'Earlier versions' }).click();
	await page.getByRole('button', { name: 'Go back to this' }).first().click();
	await pieceOn(page, 'A').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('56"');
});

test('the browser is asked once to keep what is stored, and its answer is told', async ({
	page
}) => {
	await page.addInitScript(() => {
		const asked = () => Number(sessionStorage.getItem('asked') ?? 0);
		navigator.storage.persist = () => {
			sessionStorage.setItem('asked', String(asked() + 1));
			return Promise.resolve(true);
		};
		navigator.storage.persisted = () => Promise.resolve(asked() > 0);
	});
	const asked = () => page.evaluate(() => sessionStorage.getItem('asked'));
	await open(page, '/demo');
	await expect(pieceOn(page, 'A')).toBeVisible();
	// Nothing of one’s own is kept yet.
	expect(await asked()).toBeNull();
	await open(page, '/');
	await page.locator('input[type=file]').setInputFiles(asFile('own.json', JSON.stringify(own)));
	await expect(pieceOn(page, 'C')).toBeVisible();
	await expect.poll(asked).toBe('1');
	await page.reload();
	await expect(pieceOn(page, 'C')).toBeVisible();
	await open(page, '/');
	await expect(page.getByText('The browser promised to keep them')).toBeVisible();
	expect(await asked()).toBe('1');
});
