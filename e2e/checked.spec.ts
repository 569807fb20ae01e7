import { test as bare } from '@playwright/test';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { hungDemo } from './hung-demo.ts';
import {
	expect,
	open,
	openAsFile,
	openDemo,
	otherPapers,
	pieceOn,
	station,
	test
} from './support.ts';

/** The hung demo with A far too heavy for its hooks, and off the arrangement or with another back. */
function changed(change: 'off the wall' | 'one point' | 'impossible'): object {
	const hung = hungDemo();
	const pieces = hung.pieces.map((piece) => {
		if (piece.letter !== 'A') return piece;
		const back =
			change === 'impossible'
				? { ...piece.back, ringSpan: 5000 }
				: change === 'one point'
					? DEMO.pieces.find(({ letter }) => letter === 'D')!.back
					: piece.back;
		return { ...piece, weight: 80, back };
	});
	const walls = hung.walls.map((wall) => ({
		...wall,
		arrangements: wall.arrangements.map((arrangement) => ({
			...arrangement,
			placements: arrangement.placements.filter(
				({ pieceId }) => change !== 'off the wall' || pieceId !== 'piece-a'
			)
		}))
	}));
	return { ...hung, pieces, walls };
}

test('what hangs and is then planned otherwise keeps its stop, on the bench and on the sheet', async ({
	page,
	request
}) => {
	for (const change of ['off the wall', 'one point', 'impossible'] as const) {
		const project = changed(change);
		const answer = await request.post('/api/plan', { data: project });
		expect(answer.status(), change).toBe(200);
		await openAsFile(page, project);
		await station(page, 'Mark').click();
		const said = change === 'off the wall' ? 'cannot be used here' : 'not checked';
		await expect(page.getByText(said).first()).toBeVisible();
		await page.getByRole('link', { name: 'Print sheet' }).click();
		await expect(page.locator('.paper').getByText(said).first()).toBeVisible();
	}
});

bare('fixings that nobody knows are a stop wherever the work is done', async ({ page }) => {
	let broken = true;
	await page.route('**/workers/fix.worker-*', (route) =>
		broken ? route.abort() : route.continue()
	);
	await openDemo(page);
	const stop = page.getByText('The fixings of this wall could not be checked', { exact: false });
	for (const name of ['Fix', 'Mark', 'Hang']) {
		await station(page, name).click();
		await expect(stop).toBeVisible();
	}
	const wall = page.url().replace(/\/[^/]+$/, '');
	for (const sheet of ['sheet', 'strip-sheet', 'helper-sheet', 'bag-sheet', 'at-the-wall']) {
		await open(page, `${wall}/${sheet}`);
		await expect(stop, sheet).toBeVisible();
	}
	broken = false;
	await page.getByRole('button', { name: 'Try again' }).click();
	await expect(stop).toBeHidden();
});

bare('a worker that breaks says so and can be tried again', async ({ page }) => {
	let broken = true;
	await page.route('**/workers/*.worker-*', (route) => (broken ? route.abort() : route.continue()));
	await openDemo(page);
	const failed = page.getByRole('alert').filter({ hasText: 'could not be worked out' });
	await station(page, 'Arrange').click();
	await pieceOn(page, 'A').click();
	await page.keyboard.press('Escape');
	await page.getByText('Ideas', { exact: true }).first().click();
	await page.getByRole('button', { name: 'Show arrangements' }).click();
	await expect(failed).toBeVisible();
	await station(page, 'Mark').click();
	await otherPapers(page);
	for (const part of ['Paper to cut', 'Templates to print']) {
		await page.getByText(part).click();
		await expect(failed.last()).toBeVisible();
	}
	broken = false;
	// Whatever still asks is pressed, until nothing does.
	await expect(async () => {
		for (const each of await failed.all())
			await each.getByRole('button', { name: 'Try again' }).click({ timeout: 1000 });
		await expect(failed).toHaveCount(0, { timeout: 2000 });
	}).toPass();
	await expect(page.getByText('Paper in all')).toBeVisible();
});

test('what stands still is worked out once', async ({ page }) => {
	await page.addInitScript(() => {
		const send = Worker.prototype.postMessage as (...sent: unknown[]) => void;
		const counted = window as unknown as { asked: number };
		counted.asked = 0;
		Worker.prototype.postMessage = function (...sent: unknown[]) {
			counted.asked++;
			send.apply(this, sent);
		};
	});
	await openDemo(page);
	await station(page, 'Mark').click();
	await otherPapers(page);
	await page.getByText('Paper to cut').click();
	await page.getByText('Templates to print').click();
	await expect(page.getByText(/^\d+ pages$/)).toBeVisible();
	await page.waitForTimeout(1000);
	// Studs, fixings, paper, and templates once before and once after the fixings are known.
	expect(await page.evaluate(() => (window as unknown as { asked: number }).asked)).toBeLessThan(7);
});
