/** How soon a large project is there, and how soon the screen answers an act, in Chromium on the built app. */
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { writePhotoZip, type ZippedPhoto } from '../src/lib/files/photo-zip.ts';
import { hashOf } from '../src/lib/photos/hash.ts';
import { chromiumPath } from '../scripts/lib/chromium.mjs';
import { manyPieces } from './many-pieces.ts';

const [origin] = process.argv.slice(2);
if (!origin) throw new Error('usage: feel.ts ORIGIN');
const PIECES = 500;
const PHOTOS = 100;
const OPENINGS = 7;
const ROUNDS = 3;

const browser = {
	executablePath: chromiumPath(),
	args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
	viewport: { width: 1280, height: 800 }
};
const at = (values: readonly number[], share: number) =>
	values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]!;

/** A photo as a phone’s is kept: 1600 x 1200, patches of colour; another for each number. */
async function photo(page: Page, number: number): Promise<ZippedPhoto> {
	const base64 = await page.evaluate(async (number) => {
		const canvas = new OffscreenCanvas(1600, 1200);
		const context = canvas.getContext('2d')!;
		for (let patch = 0; patch < 300; patch++) {
			context.fillStyle = `hsl(${(patch * 37 + number * 11) % 360} 50% ${30 + (patch % 40)}%)`;
			context.fillRect((patch % 20) * 80, Math.floor(patch / 20) * 80, 80, 80);
		}
		const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
		const reader = new FileReader();
		reader.readAsDataURL(blob);
		await new Promise((resolve) => (reader.onload = resolve));
		return (reader.result as string).split(',')[1]!;
	}, number);
	const blob = new Blob([Buffer.from(base64, 'base64')], { type: 'image/jpeg' });
	return { hash: await hashOf(blob), blob };
}

/**
 * ms from asking for the page to its pieces being painted, beside those of a project of one piece, in a browser that
 * keeps what it has on disk and has opened the app before.
 */
async function openings(): Promise<void> {
	const profile = mkdtempSync(join(tmpdir(), 'profile-'));
	const context = await chromium.launchPersistentContext(profile, browser);
	const page = await context.newPage();
	await page.goto(`${origin}/`);
	await page.waitForSelector('[data-ready]');
	const photos: ZippedPhoto[] = [];
	for (let number = 0; number < PHOTOS; number++) photos.push(await photo(page, number));
	const large = manyPieces(PIECES);
	for (const [index, { hash }] of photos.entries()) large.pieces[index]!.photo = hash;
	const times: Record<string, number[]> = {};
	for (const [name, project, kept] of [
		['large', large, photos],
		['small', { ...manyPieces(1), id: 'bench-small' }, []]
	] as const) {
		const zip = await writePhotoZip({ text: JSON.stringify(project), photos: kept });
		await page.goto(`${origin}/`);
		await page.waitForSelector('[data-ready]');
		await page.locator('input[type=file]').setInputFiles({
			name: 'bench.zip',
			mimeType: 'application/zip',
			buffer: Buffer.from(await zip.arrayBuffer())
		});
		await page.waitForURL(/\/p\//);
		await page.waitForSelector('[data-piece="P0"]');
		await page.evaluate(() => navigator.serviceWorker.ready);
		const address = page.url();
		times[name] = [];
		for (let opening = 0; opening < OPENINGS; opening++) {
			await page.goto('about:blank');
			await page.goto(address, { waitUntil: 'commit' });
			await page.waitForSelector('[data-piece="P0"]');
			times[name].push(
				await page.evaluate(
					() =>
						new Promise<number>((resolve) =>
							requestAnimationFrame(() => setTimeout(() => resolve(performance.now())))
						)
				)
			);
		}
	}
	await context.close();
	rmSync(profile, { recursive: true });
	const [large500, small] = [at(times['large']!, 0.5), at(times['small']!, 0.5)];
	console.log(
		`Opening ${PIECES} pieces and ${PHOTOS} photos: ${large500.toFixed(0)} ms median (under 1500), one piece ${small.toFixed(0)} ms; ratio ${(large500 / small).toFixed(1)}`
	);
}

/** Begins to note how long each act takes until the screen shows what it did. */
const watch = (page: Page) =>
	page.addInitScript(() => {
		const acts = new Map<number, { name: string; ms: number }>();
		(window as unknown as { acts: typeof acts }).acts = acts;
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries() as (PerformanceEventTiming & {
				interactionId: number;
			})[]) {
				if (entry.interactionId === 0) continue;
				const known = acts.get(entry.interactionId);
				if (!known || known.ms < entry.duration)
					acts.set(entry.interactionId, { name: entry.name, ms: entry.duration });
			}
		}).observe({ type: 'event', durationThreshold: 16, buffered: true } as PerformanceObserverInit);
	});

const noted = async (page: Page): Promise<number[]> => {
	await page.waitForTimeout(300);
	return page.evaluate(() => {
		const { acts } = window as unknown as { acts: Map<number, { ms: number }> };
		const all = [...acts.values()].map(({ ms }) => ms);
		acts.clear();
		return all;
	});
};

/** What a person does on the demo: stations, a piece chosen, moved, turned over, its bench, the theme. */
async function round(page: Page): Promise<Record<string, number[]>> {
	const told: Record<string, number[]> = {};
	const act = async (name: string, doIt: () => Promise<unknown>) => {
		await doIt();
		told[name] = await noted(page);
	};
	const station = (name: string) =>
		page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name }).click();
	for (const name of ['Rack', 'Survey', 'Arrange', 'Fix', 'Mark', 'Hang', 'Book'])
		await act(`to ${name}`, () => station(name));
	await act('to Arrange', () => station('Arrange'));
	const piece = page.locator('[data-piece="A"]');
	await act('choose a piece', () => piece.click());
	await act('move it by keys', async () => {
		for (let count = 0; count < 5; count++) await page.keyboard.press('ArrowRight');
	});
	await act('turn it over', () => page.keyboard.press('f'));
	await act('turn it back', () => page.keyboard.press('f'));
	await act('undo', () => page.getByRole('button', { name: /^Undo/ }).click());
	await act('type a figure', async () => {
		const field = page.getByLabel('Middle, from the left corner');
		await field.fill('57 1/4');
		await field.press('Enter');
	});
	await act('undo it', () => page.getByRole('button', { name: /^Undo/ }).click());
	await act('house rules', () => page.getByRole('button', { name: 'House rules' }).click());
	await act('close them', () => page.keyboard.press('Escape'));
	return told;
}

async function answers(): Promise<void> {
	const { executablePath, args, ...options } = browser;
	const launched = await chromium.launch({ executablePath, args });
	const page = await launched.newPage({ ...options, serviceWorkers: 'block' });
	await watch(page);
	await page.goto(`${origin}/demo`);
	await page.waitForSelector('[data-piece="A"]');
	const rounds: Record<string, number[]>[] = [];
	for (let count = 0; count < ROUNDS; count++) rounds.push(await round(page));
	const worst = new Map<string, number[]>();
	for (const each of rounds)
		for (const [name, times] of Object.entries(each))
			worst.set(name, [...(worst.get(name) ?? []), Math.max(16, ...times)]);
	const all = [...worst.values()].flat();
	const first = Object.values(rounds[0]!).flat();
	const slowest = [...worst]
		.map(([name, times]) => [name, at(times, 0.5)] as const)
		.toSorted((a, b) => b[1] - a[1])
		.slice(0, 4);
	console.log(
		`From an act to the next paint on the demo: ${at(all, 0.5).toFixed(0)} ms median, ${at(all, 0.98).toFixed(0)} ms at the 98th percentile (under 100), ${Math.max(...first).toFixed(0)} ms the slowest of a first round; slowest: ${slowest.map(([name, ms]) => `${name} ${ms.toFixed(0)}`).join(', ')}`
	);
	await launched.close();
}

await openings();
await answers();
