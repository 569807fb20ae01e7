/** What is lost when a page is reloaded, or the whole browser killed, so soon after a piece was moved. */
import { execSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { chromiumPath } from '../scripts/lib/chromium.mjs';

const origin = process.argv[2]!;
const RELOADS = 60;
const KILLS = 40;
/** ms after the act. */
const WAITS = [0, 20, 50, 80, 100, 150, 200, 300];
const options = {
	executablePath: chromiumPath(),
	args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
	viewport: { width: 1280, height: 800 },
	serviceWorkers: 'block' as const
};
const waitAt = (index: number) => WAITS[index % WAITS.length]!;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Where A stands now, with the focus on it. */
async function place(page: Page): Promise<string> {
	const piece = page.locator('[data-piece="A"]');
	await piece.waitFor();
	await piece.focus();
	return page.getByLabel('Middle, from the left corner').inputValue();
}

const move = (page: Page, index: number) =>
	page.locator('[data-piece="A"]').press(index % 2 ? 'Shift+ArrowRight' : 'Shift+ArrowLeft');

async function openDemo(page: Page): Promise<void> {
	await page.goto(`${origin}/demo`);
	await page.waitForSelector('[data-piece="A"]');
}

async function reloads(): Promise<void> {
	const browser = await chromium.launch(options);
	const page = await browser.newPage(options);
	await openDemo(page);
	let lost = 0;
	let before = await place(page);
	for (let index = 0; index < RELOADS; index++) {
		await move(page, index);
		await pause(waitAt(index));
		await page.reload();
		await page.waitForSelector('[data-ready]');
		const now = await place(page);
		if (now === before) lost++;
		before = now;
	}
	await browser.close();
	console.log(`acts lost by ${RELOADS} reloads after 0 to 300 ms: ${lost}`);
}

async function kills(): Promise<void> {
	const profile = mkdtempSync(join(tmpdir(), 'porch-bench-'));
	const lost: number[] = [];
	let last = { place: '', wait: 0 };
	for (let index = 0; index <= KILLS; index++) {
		const context = await chromium.launchPersistentContext(profile, options);
		const page = context.pages()[0] ?? (await context.newPage());
		await openDemo(page);
		const now = await place(page);
		if (last.place === now) lost.push(last.wait);
		last = { place: now, wait: waitAt(index) };
		if (index < KILLS) {
			await move(page, index);
			await pause(last.wait);
			execSync(`pkill -9 -f "[-]-user-data-dir=${profile}" || true`);
		}
		await context.close().catch(() => undefined);
		await pause(150);
	}
	rmSync(profile, { recursive: true, force: true });
	const late = lost.filter((wait) => wait >= 50).length;
	console.log(
		`acts lost by ${KILLS} kills of the browser: ${late} of those 50 ms and more before, ${lost.length - late} of the later`
	);
}

await reloads();
await kills();
