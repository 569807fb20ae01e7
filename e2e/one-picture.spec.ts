import { accessible, expect, measure, open, pieceOn, test } from './support.ts';

test('one picture: the answer follows every figure as it is typed', async ({ page }) => {
	await open(page, '/one');
	const answer = page.getByTestId('hook-height');
	const field = (name: string) => page.getByLabel(name, { exact: true });
	await field('Width').fill('24');
	await field('Height').fill('30');
	await field('Ring span').fill('16');
	await field('Rings down').fill('8');
	await field('Pulled drop').fill('4 3/4');
	await expect(answer).toHaveText(/67 1\/4" *1708 mm/);
	await expect(page.getByTestId('sum')).toHaveText('57" + 30"/2 - 4 3/4" = 67 1/4"');
	await expect(page.getByText('on the centre', { exact: true })).toBeVisible();

	// Weight is optional; loads appear in both families with it: 20 lb on one hook.
	await expect(page.getByText('Type its weight, and the catalogue says')).toBeVisible();
	await page.getByLabel('Weight, if known').fill('20');
	// T = W/(2 sin θ), sin θ = 3.25/8.635: 26.6 lb. Source: statics of a hung string.
	await expect(page.getByText('26.6 lb')).toBeVisible();
	await expect(page.getByText('20.0 lb · 9.1 kg (89 N)')).toBeVisible();

	// Two hooks 8 in apart, then top, then bottom above furniture.
	await page.getByRole('radio', { name: 'Wire on two hooks' }).check();
	await field('Between hooks').fill('8');
	await expect(answer).toContainText('66 11/32"');
	await expect(page.getByText('10.0 lb · 4.5 kg (44 N)')).toBeVisible();
	await page.getByRole('radio', { name: 'top edge' }).check();
	await field('Top edge height').fill(`6'`);
	// 72 - 5.6585 = 66.3415.
	await expect(answer).toContainText('66 11/32"');
	await page.getByRole('radio', { name: 'bottom, above furniture' }).check();
	await field('Furniture height').fill('32');
	await field('Space above the furniture').fill('7');
	// 32 + 7 + 30 - 5.6585 = 63.3415.
	await expect(answer).toContainText('63 11/32"');

	// Millimetres lead when asked for, and the inches stay beside them.
	await page.getByRole('radio', { name: 'mm', exact: true }).check();
	await expect(answer).toHaveText(/1609 mm *63 11\/32"/);
});

test('one picture: impossible and unreadable input is told at its field, and nothing is lost', async ({
	page
}) => {
	await open(page, '/one');
	const field = (name: string) => page.getByLabel(name, { exact: true });
	await field('Height').fill('30 and a bit');
	await expect(page.getByText('"30 and a bit" is not a length we can read.')).toBeVisible();
	await field('Height').blur();
	await expect(field('Height')).toHaveValue('30 and a bit');
	await expect(field('Height')).toHaveAttribute('aria-invalid', 'true');
	await expect(page.getByText('this answer is from before it')).toBeVisible();
	await measure(field('Height'), '30');
	await expect(page.getByText('this answer is from before it')).toBeHidden();

	await measure(field('Width'), '24');
	await measure(field('Ring span'), '26');
	await expect(page.getByRole('alert')).toContainText('as far apart as the piece is wide');
	await expect(page.getByTestId('hook-height')).toHaveCount(0);
	await expect(field('Ring span')).toHaveAttribute('aria-invalid', 'true');
	await measure(field('Ring span'), '16');
	await measure(field('Rings down'), '3');
	await measure(field('Pulled drop'), '-1/2');
	await expect(page.getByRole('alert')).toContainText('above the top edge and show');
	await measure(field('Pulled drop'), '1');
	await expect(page.getByTestId('hook-height')).toContainText('71"');

	// A wire shorter than its rings are apart.
	await page.getByRole('radio', { name: 'its length' }).check();
	await measure(field('Wire length'), '15');
	await expect(page.getByRole('alert')).toContainText(
		'no longer than the distance between the rings'
	);

	// A bare number that is hard to believe in inches is offered in millimetres.
	await field('Width').fill('610');
	await page.getByRole('button', { name: 'Read as 610 mm' }).click();
	await expect(field('Width')).toHaveValue('24 1/32"');
});

test('one picture: kept as a project, it hangs on a wall at the same height', async ({ page }) => {
	await open(page, '/one');
	await page.getByRole('radio', { name: 'Two rings on two hooks' }).check();
	const field = (name: string) => page.getByLabel(name, { exact: true });
	// A 46 3/4 in mirror whose right ring sits lower.
	await measure(field('Height'), '46 3/4');
	await measure(field('Left ring down'), '6');
	await measure(field('Right ring down'), '6 1/8');
	const heights = page.getByTestId('hook-height');
	await expect(heights).toHaveCount(2);
	// 57 + 23 3/8 - 6 and - 6 1/8.
	await expect(heights.first()).toContainText('74 3/8"');
	await expect(heights.last()).toContainText('74 1/4"');
	await page.getByRole('button', { name: 'Keep as a project' }).click();
	// The wall is asked for, and not made up.
	await expect(page.getByRole('button', { name: 'Keep it' })).toBeDisabled();
	await measure(field('Wall width'), '11 ft');
	await measure(field('Wall height'), '8 ft 2');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await pieceOn(page, 'A').focus();
	await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('66"');
	await expect(page.getByLabel('Right ring down')).toHaveValue('6 1/8"');
});

test('one picture: the catalogue says what carries it, and all of it is there after a reload', async ({
	page
}) => {
	await open(page, '/one');
	const field = (name: string) => page.getByLabel(name, { exact: true });
	const answer = page.getByTestId('hook-height');
	// Nothing was measured: the figures look like it, and the answer says so.
	await expect(page.getByText(/^Not measured yet: width, height, /)).toBeVisible();
	await page.getByRole('radio', { name: 'Wire on two hooks' }).check();
	for (const [name, figure] of [
		['Width', '24'],
		['Height', '30'],
		['Ring span', '16'],
		['Rings down', '8'],
		['Pulled drop', '4 3/4'],
		['Between hooks', '8']
	] as const)
		await measure(field(name), figure);
	await expect(page.getByText('Not measured yet')).toHaveCount(0);
	await measure(page.getByLabel('Weight, if known'), '20');
	// Nobody knows the wall: 20 lb is too much for that.
	await expect(page.getByRole('alert')).toContainText('Say what the wall is made of');
	await page.getByLabel('The wall is made of').selectOption('board-timber');
	const ways = page.getByRole('list', { name: 'Ways to hang it' }).getByRole('listitem');
	await ways.filter({ hasText: '2 × two-nail picture hook' }).first().getByRole('button').click();
	await expect(page.getByRole('button', { name: 'Taken' })).toBeDisabled();
	await expect(page.getByText(/for a two-nail picture hook/)).toBeVisible();
	const height = (await answer.textContent())!;
	await accessible(page, 'one picture with its verdict');

	await page.reload();
	await expect(answer).toHaveText(height);
	await expect(field('Pulled drop')).toHaveValue('4 3/4"');
	await expect(page.getByRole('button', { name: 'Taken' })).toBeVisible();
	// An address that nobody can read is no trouble.
	await page.goto('/one#%7Bnonsense');
	await page.reload();
	await expect(answer).toContainText('67 3/4"');
});

test('one picture: a card and a true-size strip go to the wall', async ({ page }) => {
	await open(page, '/one');
	const field = (name: string) => page.getByLabel(name, { exact: true });
	await page.getByRole('radio', { name: 'Two rings on two hooks' }).check();
	await measure(field('Left ring down'), '6');
	await page.emulateMedia({ media: 'print' });
	const card = page.getByRole('region', { name: 'Card to print' });
	await expect(card).toContainText('Stop. What carries it is not chosen yet');
	await expect(card).toContainText('? Not measured:');
	await expect(card).toContainText('66"');
	await expect(page.locator('main')).toBeHidden();
	await page.emulateMedia({ media: 'screen' });
	await measure(field('Right ring down'), '6');
	const [file] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: 'True-size strip as PDF' }).click()
	]);
	expect(file.suggestedFilename()).toBe('letter-strip.pdf');
});

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 } });

	test('one picture: the answer stands first', async ({ page }) => {
		await open(page, '/one');
		const box = (await page.getByTestId('hook-height').boundingBox())!;
		expect(box.y).toBeLessThan(200);
		const wide = await page.evaluate(() => document.documentElement.scrollWidth);
		expect(wide).toBeLessThanOrEqual(390);
		await accessible(page, 'one picture on a phone');
	});
});
