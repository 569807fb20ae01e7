import { expect, open, pieceOn, station, test } from './support.ts';

test('pieces are typed in one line each, pasted as a list, and one more is like another', async ({
	page
}) => {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await page.getByLabel('Wall width').fill(`14'`);
	await page.getByLabel('Wall height').fill(`8'`);
	await page.getByRole('button', { name: 'Start', exact: true }).click();

	const lines = page.getByLabel('A piece a line');
	await lines.fill('24 x 30 wire 4 3/4, rings 16 apart 8 down, 20 lb "Harbour"');
	await expect(page.getByText('24" wide, 30" high; wire on one hook; 20.0 lb.')).toBeVisible();
	await lines.press('Enter');
	const bench = page.getByRole('complementary', { name: 'Bench' });
	await expect(bench.getByRole('heading', { name: 'A · Harbour' })).toBeVisible();
	await expect(bench.getByLabel('Pulled drop')).toHaveValue('4 3/4"');
	// Bearing 57 + 15 - 4 3/4, as from fields.
	await station(page, 'Mark').click();
	await expect(page.getByTestId('mark').first()).toContainText('67 1/4"');

	// Another like it asks only what differs.
	await station(page, 'Rack').click();
	await bench.getByText('In one line, and another like it').click();
	await bench.getByRole('button', { name: 'Another like it' }).click();
	await expect(lines).toHaveValue(/^24" x 30", wire on one hook, wire 4 3\/4", 16" apart, 8" down/);
	await lines.press('Enter');
	await expect(bench.getByRole('heading', { name: 'B · Piece B' })).toBeVisible();
	await bench.getByRole('button', { name: 'All pieces' }).click();

	// A list: what cannot be read stays, and nothing of it is lost.
	await lines.fill('6 of 8 x 10 sawtooth\nlighthouse 3 lb\n12 x 12 plate zz 7');
	await expect(page.getByText('Say how wide and how high it is first')).toBeVisible();
	await expect(page.getByText('Not understood: “zz 7”.')).toBeVisible();
	await page.getByRole('button', { name: 'Add 7 pieces' }).click();
	await expect(lines).toHaveValue('lighthouse 3 lb');
	await expect(bench.getByRole('button', { name: /Piece [C-I]/ })).toHaveCount(7);
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(bench.getByRole('button', { name: /Piece [C-I]/ })).toHaveCount(0);
	await expect(pieceOn(page, 'A')).toBeVisible();
});

test('Enter goes to the next field, and starts nothing larger', async ({ page }) => {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await page.getByLabel('Name of the project').fill('Reading room');
	await page.keyboard.press('Enter');
	await expect(page.getByLabel('Wall width')).toBeFocused();
	await page.keyboard.type('12 ft');
	await page.keyboard.press('Enter');
	await page.keyboard.type('8 ft');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeFocused();
	await page.keyboard.press('Enter');

	const bench = page.getByRole('complementary', { name: 'Bench' });
	await bench.getByLabel('Width', { exact: true }).focus();
	await page.keyboard.type('24');
	await page.keyboard.press('Enter');
	await page.keyboard.type('30');
	await page.keyboard.press('Enter');
	await expect(bench.getByRole('heading', { name: 'A · Piece A' })).toBeVisible();
});

test('pieces are laid on the floor before anything is on the wall, and put up so', async ({
	page
}) => {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.getByLabel('A piece a line').fill('24 x 30 rings\n8 of 16 x 20 sawtooth');
	await page.getByRole('button', { name: 'Add 9 pieces' }).click();
	await station(page, 'Arrange').click();
	await page.getByRole('button', { name: 'Floor', exact: true }).click();
	await expect(page.getByText('Nothing is on the wall yet.')).toBeVisible();
	await page.getByRole('button', { name: 'Put them on the wall so' }).click();
	await page.getByRole('button', { name: 'Wall', exact: true }).click();
	for (const letter of 'ABCDEFGHI') await expect(pieceOn(page, letter)).toBeVisible();
});
