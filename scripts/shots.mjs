/** Takes the pictures of docs/screenshots from the demo, on a server of its own. */
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { hungDemo } from '../e2e/hung-demo.ts';
import { aBack, BACK_PHOTO, tapIn } from '../e2e/rendered.ts';
import { buildIfStale } from './lib/build.mjs';
import { chromiumPath } from './lib/chromium.mjs';
import { freePort } from './lib/port.mjs';
import { root } from './lib/run.mjs';

const wall = '/p/demo-ferry-house/stair-hall';
const tea = '/p/demo-ferry-house/tea-room';
const choose = (letter) => (page) => page.locator(`[data-piece="${letter}"]`).focus();
const part = (name) => async (page) => {
	await page.getByRole('radio', { name, exact: true }).check();
	await page.mouse.move(640, 780);
	await page.waitForTimeout(500);
};
/** Name, path, and what to do before the picture is taken. */
const SHOTS = [
	['home', '/', null],
	[
		'one-picture',
		'/one',
		async (page) => {
			const type = (name, text) => page.getByLabel(name, { exact: true }).fill(text);
			await type('Width', '24');
			await type('Height', '30');
			await type('Ring span', '16');
			await type('Rings down', '8');
			await type('Pulled drop', '4 3/4');
			await page.getByRole('radio', { name: 'Wire on two hooks' }).check();
			await type('Between hooks', '8');
			await page.getByLabel('Weight, if known').fill('20');
			await page.getByLabel('The wall is made of').selectOption('board-timber');
			await page.getByRole('button', { name: 'Take this' }).first().click();
		}
	],
	['rack', `${wall}/rack`, choose('B')],
	[
		'from-photo',
		`${wall}/rack`,
		async (page) => {
			const { file, corners, hardware } = aBack(11, 610, 508);
			await page.getByLabel('From photos of the backs').setInputFiles(file);
			const field = page.locator('.photo-field');
			await page.getByText('Mark the upper left corner of the frame').waitFor();
			for (const mark of [...corners, ...hardware]) {
				await tapIn(field, mark, BACK_PHOTO);
				await page.waitForTimeout(300);
			}
			await page.waitForTimeout(800);
		}
	],
	[
		'rack-table',
		`${wall}/rack`,
		async (page) => {
			await page.getByRole('button', { name: 'Table', exact: true }).click();
			await page.getByRole('button', { name: 'Bring in a list' }).click();
			await page
				.getByLabel('Paste from a spreadsheet')
				.fill('Title;W (cm);H (cm);Weight kg\nLantern;29,7;42;1,2\nSlipway;30;x;0,9');
		}
	],
	[
		'tea-room',
		`${tea}/arrange`,
		async (page) => {
			await page.getByLabel('Way to hang the group').selectOption('Salon');
			await page.getByRole('button', { name: 'Show arrangements' }).click();
			await page
				.getByRole('button', { name: 'Stop' })
				.waitFor({ state: 'hidden', timeout: 30_000 });
			await page.locator('.candidates .look').first().click();
		}
	],
	[
		'survey',
		`${wall}/survey`,
		async (page) => {
			await part('On it')(page);
			await page.getByRole('button', { name: /^Switch 39/ }).click();
		}
	],
	['survey-bones', `${wall}/survey`, part('Bones')],
	[
		'practice',
		'/practice?seed=7',
		async (page) => {
			await page.getByLabel('Show what the app makes of it').check();
			for (let nail = 0; nail < 8; nail++) {
				await page.waitForTimeout(300);
				await page.getByRole('button', { name: /^Nail at/ }).click();
			}
		}
	],
	['arrange-looks', `${wall}/arrange`, choose('A')],
	[
		'fix',
		`${wall}/fix`,
		async (page) => {
			await choose('C')(page);
			await page.getByTestId('way').first().waitFor();
		}
	],
	[
		'back',
		`${wall}/arrange`,
		async (page) => {
			await choose('B')(page);
			await page.keyboard.press('f');
		}
	],
	['mark', `${wall}/mark`, choose('C')],
	['marks-sheet', `${wall}/sheet`, (page) => page.getByText('Prove the wall first').waitFor()],
	[
		'step-back',
		`${wall}/arrange`,
		async (page) => {
			await page.getByRole('button', { name: 'Step back', exact: true }).click();
			await page.getByRole('slider', { name: /Where you stand/ }).fill('1200');
			await page.waitForTimeout(500);
		},
		{ colorScheme: 'dark' }
	],
	['hang', `${wall}/hang`, (page) => page.getByText('The width again', { exact: true }).click()],
	[
		'at-the-wall-phone',
		`${wall}/hang`,
		async (page) => {
			const press = (name) => page.getByRole('button', { name }).click();
			await page.getByRole('link', { name: /at the wall/ }).click();
			for (let proof = 0; proof < 4; proof++) {
				await press(/simulated laser/);
				await press('Keep it, next');
			}
			await press('Done, next');
			for (let mark = 0; mark < 2; mark++) await press('Marked, next');
		},
		{ viewport: { width: 390, height: 844 } }
	],
	[
		'book',
		'/',
		async (page) => {
			await openHung(page);
			await page.getByTestId('record').nth(2).getByRole('heading').click();
		}
	]
];

/** Opens a stair hall that was hung in May and looked after since. */
async function openHung(page) {
	await page
		.locator('input[type=file]')
		.first()
		.setInputFiles({
			name: 'ferry-house.json',
			mimeType: 'application/json',
			buffer: Buffer.from(JSON.stringify(hungDemo()))
		});
	await page.getByRole('link', { name: /Book/ }).click();
	await page.getByTestId('record').first().waitFor();
	await page.locator('[data-sonner-toast]').waitFor({ state: 'detached', timeout: 20_000 });
}

await buildIfStale();
const port = await freePort(4480);
const origin = `http://localhost:${port}`;
const server = spawn(process.execPath, ['scripts/serve.mjs'], {
	cwd: root,
	env: { ...process.env, PORT: String(port), ORIGIN: origin },
	stdio: 'ignore'
});
while (!(await fetch(`${origin}/api/health`).catch(() => null))?.ok)
	await new Promise((resolve) => setTimeout(resolve, 100));

const browser = await chromium.launch({
	executablePath: chromiumPath(),
	args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking']
});
const wanted = process.argv.slice(2);
for (const [name, path, prepare, options = {}] of SHOTS) {
	if (wanted.length > 0 && !wanted.includes(name)) continue;
	const context = await browser.newContext({
		viewport: { width: 1280, height: 800 },
		reducedMotion: 'reduce',
		...options
	});
	const page = await context.newPage();
	await page.goto(`${origin}/demo`);
	await page.waitForSelector('[data-piece]');
	await page.goto(`${origin}${path}`);
	await page.waitForSelector('[data-ready]');
	await page.waitForTimeout(600);
	await prepare?.(page);
	await page.waitForTimeout(400);
	await page.screenshot({ path: `docs/screenshots/${name}.png` });
	console.log(`docs/screenshots/${name}.png`);
	await context.close();
}
await browser.close();
server.kill();
