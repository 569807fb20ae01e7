import type { Page } from '@playwright/test';
import { expect, measure, open, pieceOn, station, survey, test } from './support.ts';

const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });

async function wallOf(page: Page, made: string, board?: string): Promise<void> {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await measure(page.getByLabel('Wall width'), '3.6 m');
	await measure(page.getByLabel('Wall height'), '2.4 m');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await survey(page, 'Made of');
	await page.getByLabel('The wall is made of').selectOption(made);
	if (board) await page.getByLabel('Thickness of the board').selectOption(board);
	await station(page, 'Rack').click();
}

async function pieceOf(
	page: Page,
	{
		kind,
		size,
		weight,
		back
	}: { kind: string; size: [string, string]; weight: string; back: string }
): Promise<void> {
	await page.getByLabel('Kind of piece').selectOption(kind);
	await page.getByLabel('Width', { exact: true }).fill(size[0]);
	await page.getByLabel('Height', { exact: true }).fill(size[1]);
	await page.getByRole('button', { name: 'Add a piece' }).click();
	await page.getByRole('combobox', { name: /^How it hangs/ }).selectOption(back);
	await measure(page.getByRole('textbox', { name: 'Weight' }), weight);
}

/** Middles of studs found, from the left corner. */
async function studsAt(page: Page, ...places: string[]): Promise<void> {
	await survey(page, 'Bones');
	await bench(page).getByRole('button', { name: 'Middle found', exact: true }).click();
	for (const place of places) {
		await page.getByLabel('It answered at').pressSequentially(place);
		await page.keyboard.press('Enter');
	}
	await page.keyboard.press('Escape');
}

/** The first way to fix the only piece; its picture is kept where a folder is named for them. */
async function firstWay(page: Page, name: string): Promise<string> {
	await station(page, 'Fix').click();
	await pieceOn(page, 'A').focus();
	const way = bench(page)
		.getByRole('list', { name: 'Ways to fix A' })
		.getByRole('listitem')
		.first();
	await expect(way).toBeVisible();
	const folder = process.env['SIGNED_PICTURES'];
	if (folder) await page.screenshot({ path: `${folder}/${name}.png` });
	return (await way.innerText()).replaceAll(/\s+/g, ' ');
}

test.describe('what a careful hanger would sign', () => {
	for (const back of ['Two rings on two hooks', 'Wire on two hooks'])
		test(`a 35 kg mirror, ${back}, on studs 450 mm apart`, async ({ page }) => {
			await wallOf(page, 'Drywall (plasterboard) on wood studs', '12.5 mm');
			await pieceOf(page, { kind: 'Mirror', size: ['900 mm', '1200 mm'], weight: '35 kg', back });
			await measure(page.getByLabel('Ring span'), '450 mm');
			await studsAt(page, '225 mm', '675 mm', '1125 mm', '1575 mm', '2025 mm', '2475 mm');
			const way = await firstWay(page, `mirror-35-${back.slice(0, 4)}`);
			expect(way).toContain('2 × bugle screw, 14 gauge');
			expect(way).toContain('Two rings on two hooks');
		});

	test('a 28 lb mirror on one stud of which both edges are found', async ({ page }) => {
		await wallOf(page, 'Drywall (plasterboard) on wood studs', '1/2 in');
		await pieceOf(page, {
			...{ kind: 'Mirror', size: ['28', '38'], weight: '28 lb' },
			back: 'Two rings on two hooks'
		});
		await edgesAt(page, '1781 mm', '1819 mm');
		expect(await firstWay(page, 'mirror-28-one-stud')).toContain('2 × two-nail picture hook');
		// The stud is used at once, by two screws of a cleat one above the other.
		await bench(page)
			.getByRole('button', { name: /more ways$/ })
			.click();
		const ways = bench(page).getByRole('list', { name: 'Ways to fix A' });
		await expect(ways).toContainText(/2 × (wood screw, 12 gauge|cleat screw|bugle screw)/);
	});

	test('a 45 lb mirror between two doors on one stud and one toggle', async ({ page }) => {
		await wallOf(page, 'Drywall (plasterboard) on wood studs', '1/2 in');
		await pieceOf(page, {
			...{ kind: 'Mirror', size: ['28', '38'], weight: '45 lb' },
			back: 'Two rings on two hooks'
		});
		await measure(page.getByLabel('Ring span'), '21');
		await survey(page, 'On it');
		for (const left of ['100 mm', '2600 mm']) {
			await bench(page).getByRole('button', { name: 'Door', exact: true }).click();
			await measure(bench(page).getByLabel('Left edge'), left);
		}
		await edgesAt(page, '1515 mm', '1553 mm');
		expect(await firstWay(page, 'mirror-45-doors')).toContain(
			'1 × wood screw, 12 gauge and 1 × strap toggle'
		);
	});

	test('a 12 lb glazed picture over a cot', async ({ page }) => {
		await wallOf(page, 'Drywall (plasterboard) on wood studs', '1/2 in');
		await pieceOf(page, {
			...{ kind: 'Framed work', size: ['20', '16'], weight: '12 lb' },
			back: 'Wire on two hooks'
		});
		await survey(page, 'On it');
		await bench(page).getByRole('button', { name: 'Furniture', exact: true }).click();
		await page.getByLabel('What it is').selectOption('Cot');
		expect(await firstWay(page, 'over-a-cot')).toMatch(/Two rings on two hooks best 2 × folding/);
		await expect(bench(page)).toContainText('where a child can pull at it');
	});

	for (const [made, fixing] of [
		['Lath and plaster', '2 × strap toggle'],
		['Brick', '2 × masonry plug and screw']
	] as const)
		test(`a 20 lb picture on ${made}`, async ({ page }) => {
			await wallOf(page, made);
			await pieceOf(page, {
				...{ kind: 'Framed work', size: ['24', '30'], weight: '20 lb' },
				back: 'Two rings on two hooks'
			});
			expect(await firstWay(page, made)).toContain(fixing);
		});

	test('a 6 lb picture on tile', async ({ page }) => {
		await wallOf(page, 'Brick');
		await survey(page, 'Made of');
		await page.getByRole('radio', { name: /^tile/ }).check();
		await station(page, 'Rack').click();
		await pieceOf(page, {
			...{ kind: 'Framed work', size: ['12', '16'], weight: '6 lb' },
			back: 'Two rings on two hooks'
		});
		expect(await firstWay(page, 'tile')).toContain('2 × masonry plug and screw');
	});

	for (const [fact, fixing] of [
		['Rented', 'Wire on one hook best 1 × one-nail picture hook'],
		['Open to the public', 'Cleat or split batten best 2 × folding plastic anchor'],
		['Earthquakes happen here', 'Two rings on two hooks best 2 × folding plastic anchor']
	] as const)
		test(`a 12 lb picture: ${fact}`, async ({ page }) => {
			await wallOf(page, 'Drywall (plasterboard) on wood studs', '1/2 in');
			await pieceOf(page, {
				...{ kind: 'Framed work', size: ['20', '16'], weight: '12 lb' },
				back: 'Wire on two hooks'
			});
			await page.getByRole('button', { name: 'House rules' }).click();
			await page.getByRole('checkbox', { name: fact }).check();
			await page.keyboard.press('Escape');
			expect(await firstWay(page, fact)).toContain(fixing);
		});
});

/** Both edges of a stud, from the left corner. */
async function edgesAt(page: Page, near: string, far: string): Promise<void> {
	await survey(page, 'Bones');
	await bench(page).getByRole('button', { name: 'Both edges', exact: true }).click();
	await page.getByLabel('Its near edge').pressSequentially(near);
	await page.getByLabel('Its far edge').pressSequentially(far);
	await page.keyboard.press('Enter');
	await page.keyboard.press('Escape');
}
