/** Weight of the pages and cost of a drag, in Chromium on the built app. */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { chromium, type BrowserContext, type CDPSession, type Page } from '@playwright/test';
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import { manyPieces } from './many-pieces.ts';

const [origin] = process.argv.slice(2);
if (!origin) throw new Error('usage: pages.ts ORIGIN');
const MOVES = 150;

const browser = await chromium.launch({
	executablePath: chromiumPath(),
	args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
});

/** Where a wall of the demo is, in a browser that has it. */
async function aWall(context: BrowserContext): Promise<string> {
	const page = await context.newPage();
	await page.goto(`${origin}/demo`);
	await page.waitForURL(/\/p\//);
	await page.waitForSelector('[data-piece]');
	const { pathname } = new URL(page.url());
	await page.close();
	return pathname;
}

/** JavaScript that a first visit to a page loads, in kB of gzip. */
async function weigh(
	where: (context: BrowserContext) => Promise<string>,
	until: string
): Promise<number> {
	const context = await browser.newContext({ serviceWorkers: 'block' });
	const path = await where(context);
	const page = await context.newPage();
	const scripts = new Set<string>();
	page.on('response', (response) => {
		const { pathname } = new URL(response.url());
		if (pathname.endsWith('.js')) scripts.add(pathname);
	});
	await page.goto(origin + path);
	await page.waitForSelector(until);
	await page.waitForLoadState('networkidle');
	await context.close();
	const bytes = [...scripts].map((path) => gzipSync(readFileSync(`build/client${path}`)).length);
	return bytes.reduce((sum, size) => sum + size, 0) / 1000;
}

async function scripting(session: CDPSession): Promise<number> {
	const { metrics } = await session.send('Performance.getMetrics');
	return metrics.find(({ name }) => name === 'ScriptDuration')!.value * 1000;
}

const frame = (page: Page) =>
	page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => resolve(null))));

/** Scripting per frame in ms while one of many pieces is dragged, and of frames in which nothing happens. */
async function drag(pieces: number): Promise<{ dragged: number[]; idle: number[] }> {
	const page = await browser.newPage({
		viewport: { width: 1280, height: 800 },
		serviceWorkers: 'block'
	});
	await page.goto(`${origin}/`);
	await page.waitForSelector('[data-ready]');
	await page.locator('input[type=file]').setInputFiles({
		name: 'bench.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(manyPieces(pieces)))
	});
	await page.waitForSelector('[data-piece="P0"]');
	await page.getByRole('link', { name: /Arrange/ }).click();
	await page.waitForSelector('.candidates, .ideas');
	const session = await page.context().newCDPSession(page);
	// The thread’s own time: on a shared machine the clock also counts what others do.
	await session.send('Performance.enable', { timeDomain: 'threadTicks' });
	const box = (await page.locator('[data-piece="P20"]').boundingBox())!;
	const x = box.x + box.width / 2;
	const y = box.y + box.height / 2;
	const idle: number[] = [];
	for (let step = 0; step < MOVES; step++) {
		const before = await scripting(session);
		await frame(page);
		idle.push((await scripting(session)) - before);
	}
	await page.mouse.move(x, y);
	await page.mouse.down();
	const dragged: number[] = [];
	for (let step = 0; step < MOVES; step++) {
		const before = await scripting(session);
		await page.mouse.move(x + 120 * Math.sin(step / 9), y + 60 * Math.cos(step / 7));
		await frame(page);
		dragged.push((await scripting(session)) - before);
	}
	await page.mouse.up();
	await page.close();
	return { dragged, idle };
}

/** Frames in ms while the rack of many pieces is scrolled, as it leans and in its table. */
async function scroll(count: number): Promise<{ rack: number[]; table: number[] }> {
	const page = await browser.newPage({
		viewport: { width: 1280, height: 800 },
		serviceWorkers: 'block'
	});
	await page.goto(`${origin}/`);
	await page.waitForSelector('[data-ready]');
	await page.locator('input[type=file]').setInputFiles({
		name: 'bench.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(manyPieces(count)))
	});
	await page.waitForSelector('[data-piece="P0"]');
	const frames = { rack: [] as number[], table: [] as number[] };
	for (const [name, box, into] of [
		['Rack', '.rack', frames.rack],
		['Table', '.scroll', frames.table]
	] as const) {
		await page.getByRole('button', { name, exact: true }).click();
		await page.waitForSelector(box);
		await frame(page);
		into.push(
			...(await page.evaluate(async (box) => {
				const scroller = document.querySelector(box)!;
				const times: number[] = [];
				let last = performance.now();
				for (let step = 0; step < 90; step++) {
					scroller.scrollTop += 60;
					await new Promise((resolve) => requestAnimationFrame(resolve));
					times.push(performance.now() - last);
					last = performance.now();
				}
				return times;
			}, box))
		);
	}
	await page.close();
	return frames;
}

const at = (values: number[], share: number) =>
	values.toSorted((a, b) => a - b)[Math.floor(values.length * share)]!;

console.log(
	`JavaScript of /one: ${(await weigh(() => Promise.resolve('/one'), '[data-ready]')).toFixed(1)} kB gzip (at most 130)`
);
console.log(
	`JavaScript of a wall project: ${(await weigh(aWall, '[data-piece]')).toFixed(1)} kB gzip (at most 220)`
);
for (const pieces of [60, 200]) {
	const { dragged, idle } = await drag(pieces);
	console.log(
		`Drag over ${pieces} pieces, scripting a frame: median ${at(dragged, 0.5).toFixed(2)} ms, 95th percentile ${at(dragged, 0.95).toFixed(2)} ms (under 8); an idle frame ${at(idle, 0.5).toFixed(2)} ms; ratio ${(at(dragged, 0.5) / at(idle, 0.5)).toFixed(0)}`
	);
}
const frames = await scroll(500);
for (const [name, times] of Object.entries(frames))
	console.log(
		`Scrolling the ${name} of 500 pieces, drawn without a graphics card: a frame takes ${at(times, 0.5).toFixed(1)} ms median, ${at(times, 0.95).toFixed(1)} ms at the 95th percentile`
	);
await browser.close();
