import { manyPieces } from '../bench/many-pieces.ts';
import { accessible, expect, openAsFile, pieceOn, station, test } from './support.ts';

const PIECES = 500;
const LAST = `P${PIECES - 1}`;

test('a rack of 500 draws what is near, and every piece is reached by wheel, by key and by choosing it', async ({
	page
}) => {
	await openAsFile(page, manyPieces(PIECES));
	await station(page, 'Rack').click();
	await page.getByRole('button', { name: 'Rack', exact: true }).click();
	const leaning = page.locator('[data-rack]');
	await expect(leaning.first()).toBeVisible();
	expect(await leaning.count()).toBeLessThan(80);
	await accessible(page, 'a long rack');

	const rack = page.getByRole('list', { name: 'Pieces on the rack' });
	await expect(rack.getByRole('listitem').first()).toHaveAttribute('aria-setsize', `${PIECES}`);
	// Each line that comes is as high as its pieces, so the end may be further than it seemed.
	await expect(async () => {
		await rack.evaluate((list) => list.parentElement!.scrollTo(0, list.scrollHeight));
		await expect(page.locator(`[data-rack="${LAST}"]`)).toBeInViewport({ timeout: 500 });
	}).toPass();
	await expect(rack.getByRole('listitem').last()).toHaveAttribute('aria-posinset', `${PIECES}`);
	expect(await leaning.count()).toBeLessThan(80);

	await rack.evaluate((list) => list.parentElement!.scrollTo(0, 0));
	await page.locator('[data-rack="P0"]').focus();
	for (let count = 1; count <= 60; count++) {
		await page.keyboard.press('Tab');
		// Nobody presses it again before the screen has followed.
		await expect(page.locator(`[data-rack="P${count}"]`)).toBeFocused();
	}

	await page.getByRole('button', { name: 'Table', exact: true }).click();
	const rows = page.locator('tbody tr[aria-rowindex]');
	await expect(rows.first()).toBeVisible();
	expect(await rows.count()).toBeLessThan(80);
	await page.getByRole('searchbox', { name: 'Find a piece' }).fill(LAST);
	await expect(rows).toHaveCount(1);
	await rows.getByRole('button').click();
	await page.getByRole('searchbox', { name: 'Find a piece' }).fill('');
	// The chosen one stays in sight when the others come back.
	await expect(page.locator('tr.selected')).toBeInViewport();
	await expect(page.locator('tr.selected')).toHaveAttribute('aria-rowindex', `${PIECES + 1}`);
});

test('the list at the bench of a long rack goes as far as the last piece', async ({ page }) => {
	await openAsFile(page, manyPieces(PIECES));
	await station(page, 'Rack').click();
	const list = page.getByRole('list', { name: 'Pieces', exact: true });
	await expect(list.getByRole('listitem').first()).toBeVisible();
	expect(await list.getByRole('listitem').count()).toBeLessThan(80);
	await list.evaluate((box) => box.scrollTo(0, box.scrollHeight));
	await list.getByRole('button', { name: LAST }).click();
	await expect(page.getByRole('heading', { name: new RegExp(`^${LAST}`) })).toBeVisible();
	await expect(pieceOn(page, LAST)).toHaveAttribute('aria-pressed', 'true');
});
