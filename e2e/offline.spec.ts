import { createServer, request as ask, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Page } from '@playwright/test';
import { expect, kept, open, openDemo, pieceOn, station, test } from './support.ts';

test.use({ serviceWorkers: 'allow' });

const HALL = '/p/demo-ferry-house/stair-hall';
const controlled = (page: Page) =>
	page.evaluate(async () => {
		await navigator.serviceWorker.ready;
		if (navigator.serviceWorker.controller) return;
		await new Promise((resolve) =>
			navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true })
		);
	});

test('every page opens without a network, and a template is saved as PDF', async ({
	page,
	context
}) => {
	await openDemo(page);
	await controlled(page);
	await context.setOffline(true);
	// What the browser kept of itself would hide what the app does not keep.
	const session = await context.newCDPSession(page);
	await session.send('Network.clearBrowserCache');
	for (const path of ['/', '/one', '/practice', '/receive', '/restore', '/glossary']) {
		await open(page, path);
		await expect(page.locator('h1').first()).toBeVisible();
	}
	const stations = ['rack', 'survey', 'arrange', 'fix', 'mark', 'hang', 'book', 'at-the-wall'];
	const sheets = ['sheet', 'helper-sheet', 'bag-sheet', 'strip-sheet', 'elevation-sheet'];
	for (const name of [...stations, ...sheets]) {
		await open(page, `${HALL}/${name}`);
		await expect(page.locator('h1, h2').first()).toBeVisible();
	}
	await open(page, `${HALL}/fix`);
	await page.getByRole('button', { name: 'Fit the arrangement to the studs' }).click();
	await expect(page.getByText(/0 of 7 can have every point in a stud/)).toBeVisible();
	await open(page, `${HALL}/template-sheet`);
	const [saved] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('button', { name: /PDF/ }).first().click()
	]);
	expect(saved.suggestedFilename()).toMatch(/\.pdf$/);
});

test('it can be installed: its manifest names it, and its icons are there', async ({ page }) => {
	await open(page, '/');
	const href = await page.locator('link[rel=manifest]').getAttribute('href');
	const manifest = (await (await page.request.get(href!)).json()) as {
		name: string;
		start_url: string;
		display: string;
		icons: { src: string; sizes: string; type: string }[];
	};
	expect(manifest).toMatchObject({ name: 'Warm Porch', start_url: '/', display: 'standalone' });
	for (const { src, sizes, type } of manifest.icons) {
		const icon = await page.request.get(src);
		expect(icon.headers()['content-type'], src).toContain(type);
		if (type !== 'image/png') continue;
		const bytes = await icon.body();
		// Width and height of a PNG: PNG specification, 11.2.2 IHDR.
		expect(`${bytes.readUInt32BE(16)}x${bytes.readUInt32BE(20)}`).toBe(sizes);
	}
});

/** The app behind a server of its own, that can be told to offer a new build. */
async function behind(
	base: string
): Promise<{ server: Server; origin: string; renew: () => void }> {
	let build = '';
	const server = createServer((request, response) => {
		const onward = ask(new URL(request.url!, base), { headers: request.headers }, (answer) => {
			const worker = request.url === '/service-worker.js';
			const whole = ['content-length', 'content-encoding', 'etag'];
			const headers = Object.fromEntries(
				Object.entries(answer.headers).filter(([name]) => !worker || !whole.includes(name))
			);
			response.writeHead(answer.statusCode!, headers);
			answer.pipe(response, { end: !worker });
			if (worker) answer.on('end', () => response.end(build));
		});
		request.pipe(onward);
		if (request.url === '/service-worker.js') onward.setHeader('accept-encoding', 'identity');
	});
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	const { port } = server.address() as AddressInfo;
	return {
		server,
		origin: `http://localhost:${port}`,
		renew: () => (build = '\n// another build\n')
	};
}

test('a new version is announced, and taken only when it is told', async ({ page, baseURL }) => {
	const { server, origin, renew } = await behind(baseURL!);
	try {
		await page.goto(`${origin}/demo`);
		await expect(pieceOn(page, 'A')).toBeVisible();
		await controlled(page);
		const offer = page.getByRole('button', { name: 'Load the new version' });
		await expect(offer).toHaveCount(0);
		renew();
		await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
		await expect(offer).toBeVisible();
		// Work goes on as it was; a step at the wall is never broken into.
		await station(page, 'Arrange').click();
		await pieceOn(page, 'A').press('Shift+ArrowRight');
		await kept(page);
		await page.goto(`${origin}${HALL}/at-the-wall`);
		await expect(page.getByRole('heading', { level: 2 }).first()).toBeVisible();
		await expect(offer).toHaveCount(0);
		await page.goto(`${origin}${HALL}/arrange`);
		await expect(offer).toBeVisible();
		const loaded = page.waitForEvent('load');
		await offer.click();
		await loaded;
		await expect(pieceOn(page, 'A')).toBeVisible();
		await expect(offer).toHaveCount(0);
		await pieceOn(page, 'A').focus();
		await expect(page.getByLabel('Middle, from the left corner')).toHaveValue('56"');
	} finally {
		server.closeAllConnections();
		server.close();
	}
});
