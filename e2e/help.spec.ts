import { accessible, expect, kept, open, openDemo, pieceOn, station, test } from './support.ts';

test('the walk through the demo stops at each station, is left and goes on', async ({ page }) => {
	await page.setViewportSize({ width: 1440, height: 900 });
	await openDemo(page);
	await page.getByRole('button', { name: 'New here?' }).click();
	const walk = page.getByRole('region', { name: 'A walk through the demo' });
	await expect(walk).toContainText('1 of 7');
	const next = () => walk.getByRole('button', { name: 'Next' }).click();
	await next();
	await expect(station(page, 'Survey')).toHaveAttribute('aria-current', 'page');
	await accessible(page, 'the walk');
	await next();
	await expect(walk).toContainText('3 of 7');
	await page.reload();
	await page.getByRole('button', { name: 'Walk on' }).click();
	await expect(walk).toContainText('3 of 7');
	for (const name of ['Fix', 'Mark', 'Hang', 'Book']) {
		await next();
		await expect(station(page, name)).toHaveAttribute('aria-current', 'page');
	}
	await walk.getByRole('button', { name: 'Done' }).click();
	await expect(walk).toHaveCount(0);
	await page.waitForTimeout(800);
	await page.reload();
	await expect(station(page, 'Book')).toBeVisible();
	await expect(page.getByRole('button', { name: /New here|Walk on/ })).toHaveCount(0);
	await page.getByRole('button', { name: /Stair hall/ }).click();
	await page.getByRole('menuitem', { name: 'Walk through the demo' }).click();
	await expect(walk).toContainText('1 of 7');
});

test('the keys are shown by “?”, but not while somebody types', async ({ page }) => {
	await openDemo(page);
	await pieceOn(page, 'A').focus();
	await page.keyboard.press('?');
	const keys = page.getByRole('dialog', { name: 'Keys' });
	await expect(keys).toContainText('turn the chosen piece round');
	await accessible(page, 'keys');
	await page.keyboard.press('Escape');
	await expect(keys).toHaveCount(0);
	await page.getByLabel('Middle, from the left corner').focus();
	await page.keyboard.press('?');
	await expect(keys).toHaveCount(0);
});

test('the wall is read out, and the keyboard goes past the bar to the work', async ({ page }) => {
	await openDemo(page);
	await station(page, 'Arrange').click();
	const read = page.getByRole('region', { name: 'The wall, read out' }).getByRole('listitem');
	const a = read.filter({ hasText: /^A, / });
	await expect(a).toHaveText(
		/^A, North channel chart, 20" by 16\s1\/2", centre 55" in from the left corner and .* up, between the street door and C\.$/
	);
	await pieceOn(page, 'A').press('Shift+ArrowRight');
	await kept(page);
	await expect(a).toContainText('centre 56"');
	await expect(read.filter({ hasText: /^Console table/ })).toHaveCount(1);

	await open(page, '/');
	await page.keyboard.press('Tab');
	await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('main')).toBeFocused();
});

test('every page has one main part and one first heading', async ({ page }) => {
	await openDemo(page);
	const wall = '/p/demo-ferry-house/stair-hall';
	const paths = [
		...['/', '/one', '/practice', '/receive', '/restore', '/glossary'],
		...['rack', 'survey', 'arrange', 'fix', 'mark', 'hang', 'book', 'at-the-wall'].map(
			(name) => `${wall}/${name}`
		),
		...['sheet', 'helper-sheet', 'bag-sheet', 'job-sheet', 'floor-sheet', 'paper-sheet'].map(
			(name) => `${wall}/${name}`
		),
		...['strip-sheet', 'elevation-sheet', 'template-sheet'].map((name) => `${wall}/${name}`)
	];
	for (const path of paths) {
		await open(page, path);
		await expect(page.getByRole('main'), path).toHaveCount(1);
		await expect(page.getByRole('heading', { level: 1 }), path).toHaveCount(1);
	}
});
