import type { Locator, Page } from '@playwright/test';
import { expect, open, test } from './support.ts';

/** What a person does, each press and each field once. */
class Hand {
	inputs = 0;
	constructor(readonly page: Page) {}

	async press(what: Locator): Promise<void> {
		this.inputs++;
		await what.click();
	}

	async type(into: Locator, text: string): Promise<void> {
		this.inputs += text.split('\n').length;
		await into.fill(text);
	}

	async choose(from: Locator, option: string): Promise<void> {
		this.inputs++;
		await from.selectOption(option);
	}

	async key(key: string): Promise<void> {
		this.inputs++;
		await this.page.keyboard.press(key);
	}

	station(name: string): Locator {
		return this.page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name });
	}

	async startWall(width: string, height: string): Promise<void> {
		await open(this.page, '/');
		await this.press(this.page.getByRole('button', { name: 'Start a wall' }));
		await this.type(this.page.getByLabel('Wall width'), width);
		await this.type(this.page.getByLabel('Wall height'), height);
		await this.press(this.page.getByRole('button', { name: 'Start', exact: true }));
	}

	async furniture(sort: string, fields: Readonly<Record<string, string>>): Promise<void> {
		const bench = this.page.getByRole('complementary', { name: 'Bench' });
		await this.press(this.station('Survey'));
		await this.press(this.page.getByRole('radio', { name: 'On it', exact: true }));
		await this.press(bench.getByRole('button', { name: 'Furniture', exact: true }));
		await this.choose(this.page.getByLabel('What it is'), sort);
		for (const [label, text] of Object.entries(fields))
			await this.type(bench.getByLabel(label, { exact: true }), text);
	}

	async lines(text: string): Promise<void> {
		await this.press(this.station('Rack'));
		await this.type(this.page.getByLabel('A piece a line'), text);
		await this.key('Enter');
	}
}

test('nine alike over a sofa, 7 in above its back, in at most 25 inputs', async ({ page }) => {
	const hand = new Hand(page);
	await hand.startWall('13 ft', '8 ft');
	await hand.furniture('Sofa', { 'Left edge': '36', Width: '84', Height: '33' });
	await hand.lines('9 of 12 x 12 sawtooth 1/2 down 3 lb');
	await hand.press(hand.station('Arrange'));
	await hand.choose(page.getByLabel('Way to hang the group'), 'Grid');
	await hand.choose(page.getByLabel('Centred on'), 'the furniture');
	await hand.press(page.getByLabel('Stands just above it'));
	await hand.type(page.getByLabel('So much above the furniture'), '7');
	await hand.press(page.getByRole('button', { name: 'Show arrangements' }));
	const first = page.getByRole('list', { name: 'Arrangements' }).getByRole('listitem').first();
	await hand.press(first.getByRole('button').first());
	await expect(first).toContainText('3 by 3');
	await hand.press(page.getByRole('button', { name: 'Hang it so' }));
	await hand.press(hand.station('Mark'));
	await expect(page.getByTestId('mark')).toHaveCount(9);
	// The lowest row: bottom 40, top 52, the teeth 1/2 in below it.
	await expect(page.getByTestId('mark').filter({ hasText: '51 1/2"' })).toHaveCount(3);
	expect(hand.inputs).toBeLessThanOrEqual(25);
});

test('seven mixed pieces over a dresser, a space kept free, with backs and weights, in at most 45 inputs', async ({
	page
}) => {
	const hand = new Hand(page);
	await hand.startWall('12 ft', '8 ft 6 in');
	await hand.furniture('Console or table', { 'Left edge': '36', Width: '76', Height: '34' });
	await hand.lines(
		[
			'24 x 20 wire 4, rings 16 apart 6 down, 12 lb "Harbour"',
			'16 x 20 wire 3 1/2, rings 10 apart 5 down, 7 lb "Lighthouse"',
			'12 x 16 sawtooth 3/8 down, 3 lb',
			'16 x 12 sawtooth 3/8 down, 3 lb',
			'10 x 10 sawtooth 1/4 down, 2 lb',
			'8 x 10 sawtooth 1/4 down, 1 lb',
			'10 x 8 sawtooth 1/4 down, 1 lb'
		].join('\n')
	);
	await hand.press(hand.station('Arrange'));
	await hand.choose(page.getByLabel('Way to hang the group'), 'Cluster');
	await hand.choose(page.getByLabel('Centred on'), 'the furniture');
	await hand.press(page.getByLabel('Stands just above it'));
	await hand.press(page.getByText('Only in a part of the wall'));
	await hand.press(page.getByRole('button', { name: 'Keep a space free' }));
	const box = (await page.getByTestId('taping').boundingBox())!;
	hand.inputs++;
	await page.mouse.move(box.x + box.width * 0.7, box.y + box.height * 0.6);
	await page.mouse.down();
	await page.mouse.move(box.x + box.width * 0.77, box.y + box.height * 0.4, { steps: 3 });
	await page.mouse.up();
	await hand.press(page.getByRole('button', { name: 'Show arrangements' }));
	const first = page.getByRole('list', { name: 'Arrangements' }).getByRole('listitem').first();
	await hand.press(first.getByRole('button').first());
	await hand.press(page.getByRole('button', { name: 'Hang it so' }));
	await hand.press(hand.station('Mark'));
	await expect(page.getByTestId('mark').first()).toBeVisible();
	expect(await page.getByTestId('mark').count()).toBeGreaterThanOrEqual(7);
	expect(hand.inputs).toBeLessThanOrEqual(45);
	if (process.env['SIGNED_PICTURES'])
		await page.screenshot({ path: `${process.env['SIGNED_PICTURES']}/seven.png` });
});
