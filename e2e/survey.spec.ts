import type { Page } from '@playwright/test';
import { applyEvent, parseLength, type DayEvent } from '../src/lib/core/index.ts';
import { DEMO } from '../src/lib/store/demo/index.ts';
import {
	accessible,
	expect,
	kept,
	measure,
	open,
	openAsFile,
	openDemo,
	readout,
	station,
	survey,
	test
} from './support.ts';

const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });
const said = (page: Page) => page.getByTestId('bones-said');

async function newWall(page: Page, width: string, height: string): Promise<void> {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await measure(page.getByLabel('Wall width'), width);
	await measure(page.getByLabel('Wall height'), height);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
}

async function addFeature(page: Page, label: string, left: string, width?: string): Promise<void> {
	await bench(page).getByRole('button', { name: label, exact: true }).click();
	await measure(bench(page).getByLabel('Left edge'), left);
	if (width) await measure(bench(page).getByLabel('Width', { exact: true }), width);
}

async function addHint(page: Page, kind: string, ...places: string[]): Promise<void> {
	const tool = bench(page).getByRole('button', { name: kind, exact: true });
	if ((await tool.getAttribute('aria-pressed')) === 'false') await tool.click();
	const entry = page.getByRole('form', { name: 'Type where it answered' });
	const labels = places.length === 1 ? ['It answered at'] : ['Its near edge', 'Its far edge'];
	for (const [index, label] of labels.entries())
		await entry.getByLabel(label).pressSequentially(places[index]!);
	await page.keyboard.press('Enter');
}

test('a crooked wall of board is surveyed from nothing', async ({ page }) => {
	await newWall(page, `14'`, `8'`);
	await survey(page, 'Level');
	await page.getByRole('button', { name: 'Reading', exact: true }).click();
	await measure(page.getByLabel('Down', { exact: true }), '48 1/2');
	await measure(page.getByLabel('Up', { exact: true }), '47 1/8');
	await expect(bench(page)).toContainText('The floor falls 1/2" to the right.');
	// Ceiling: 96 at the left, 48 + 47 1/8 at the right.
	await expect(bench(page)).toContainText('The ceiling falls 7/8" to the right.');
	await expect(bench(page)).toContainText(
		'Measured off the ceiling, a row from 0" to 168" would run 7/8" out of level.'
	);

	await survey(page, 'Made of');
	await expect(station(page, 'Survey')).toContainText('made of what?');
	await page.getByLabel('The wall is made of').selectOption('Drywall (plasterboard) on wood studs');
	await page.getByLabel('Thickness of the board').selectOption('1/2 in');
	await page.getByRole('radio', { name: 'since', exact: true }).check();
	await expect(bench(page)).toContainText('before a screw goes deeper than 1 1/4"');
	await expect(station(page, 'Survey')).toContainText('ready');

	await survey(page, 'On it');
	await addFeature(page, 'Door', '4', '34');
	await addFeature(page, 'Socket', '113', '2 3/4');
	await survey(page, 'Bones');
	await expect(said(page)).toContainText('Not known yet');
	await addHint(page, 'Both edges', '99 3/4', '101 1/4');
	await addHint(page, 'Nail hit', '52 1/4');
	await addHint(page, 'Magnet', '68 1/4');
	await expect(said(page)).toContainText('Studs 16" apart');
	await expect(page.getByRole('row', { name: /116 1\/2"/ })).toContainText('pin');

	// Contradicted, it says which hint does not fit; pinned, a stud stays.
	await addHint(page, 'Nail miss', '100 1/2');
	await expect(bench(page)).toContainText('It does not fit the others');
	await page.getByRole('button', { name: 'Remove nail miss 4' }).click();
	await page
		.getByRole('row', { name: /84 1\/2"/ })
		.getByRole('button', { name: 'pin' })
		.click();
	await expect(page.getByRole('row', { name: /84 1\/2"/ })).toContainText('pinned');
	await page.getByLabel('Spacing of the studs').selectOption({ index: 2 });
	await expect(said(page)).toContainText('studs 24" apart');
	await page.getByLabel('Spacing of the studs').selectOption({ index: 0 });

	await survey(page, 'Prove');
	await measure(page.getByLabel('Width, at head height'), '168 1/16');
	await expect(bench(page)).toContainText('It agrees');
	await measure(page.getByLabel('Height, at the right end'), '96 5/8');
	await expect(bench(page)).toContainText('It is 1" higher than the survey says');
	await kept(page);
	await page.reload();
	await page.waitForSelector('[data-ready]');
	await survey(page, 'Bones');
	await expect(said(page)).toContainText('Studs 16" apart');
});

test('lath and plaster, and brick, are surveyed from nothing', async ({ page }) => {
	await newWall(page, `15'`, `8' 6"`);
	await survey(page, 'Made of');
	await page.getByLabel('The wall is made of').selectOption('Lath and plaster');
	await page.getByRole('radio', { name: 'before 1990' }).check();
	await page.getByLabel('behind this wall').check();
	await expect(bench(page)).toContainText('Stop. Old paint can hold lead');
	await expect(bench(page)).toContainText('Stop. Pipes are likely in this wall');
	await measure(page.getByLabel('Light on the wall, lux'), '260');
	await expect(bench(page)).toContainText('260 lux falls on this wall');
	await measure(page.getByLabel('Light on the wall, lux'), 'bright');
	await expect(bench(page)).toContainText('Type a number of lux');
	await survey(page, 'On it');
	await addFeature(page, 'Window', '132', '40');
	await addFeature(page, 'Radiator', '136', '32');
	await survey(page, 'Bones');
	await expect(said(page)).toContainText('Nothing is known of what is behind this wall yet');
	for (const place of ['26 1/4', '58', '90']) await addHint(page, 'Skirting nail', place);
	await addHint(page, 'Both edges', '105 1/4', '106 3/4');
	await expect(said(page)).toContainText('Studs 16" apart');
	await page.getByText('Where not to drill').click();
	await expect(bench(page)).toContainText('Stop: a pipe down from the radiator.');

	// The sheet does not leave a stop out.
	await page.getByRole('button', { name: /^My wall/ }).click();
	await page.getByRole('menuitem', { name: 'Add a wall' }).click();
	await survey(page, 'Outline');
	await expect(bench(page)).toContainText('Wall 2 of 2 in the room’s order');
	await page.getByRole('radio', { name: 'mm', exact: true }).check();
	await measure(page.getByLabel('Wall width'), '6400 mm');
	await measure(page.getByLabel('Wall height'), '2600 mm');
	await page.getByRole('radio', { name: 'gable' }).check();
	await measure(page.getByLabel('Height of the ridge'), '3300');
	await page.getByRole('radio', { name: 'up to the left' }).check();
	await expect(bench(page)).toContainText('The flight climbs at 35.8°');
	await page.getByRole('radio', { name: 'none' }).check();
	await survey(page, 'Made of');
	await page.getByLabel('The wall is made of').selectOption('Brick');
	await expect(bench(page)).toContainText('Masonry dust harms lungs and eyes');
	await survey(page, 'Bones');
	await expect(bench(page)).toContainText('Brick has no studs to look for');
	await survey(page, 'Outline');
	await page.getByRole('button', { name: 'Earlier in the room' }).click();
	await expect(bench(page)).toContainText('Wall 1 of 2');
	await kept(page);
	await page.reload();
	await page.waitForSelector('[data-ready]');
	await expect(bench(page)).toContainText('Wall 1 of 2');
});

test('features and hints move by pointer and by keys, and hints are tapped onto the wall', async ({
	page
}) => {
	await openDemo(page);
	await survey(page, 'On it');
	const socket = page.locator('[data-feature="Socket"]');
	await socket.focus();
	await expect(readout(page)).toContainText('Socket: 113"');
	await page.keyboard.press('Shift+ArrowLeft');
	await page.keyboard.press('ArrowUp');
	await expect(readout(page)).toContainText('Socket: 112"');
	await expect(readout(page)).toContainText('12 1/8"');
	const before = (await socket.boundingBox())!;
	await page.mouse.move(before.x + 12, before.y + 12);
	await page.mouse.down();
	await page.mouse.move(before.x - 28, before.y + 12, { steps: 5 });
	await page.mouse.up();
	const after = (await socket.boundingBox())!;
	expect(after.x - before.x).toBeCloseTo(-40, 0);
	expect(after.y).toBeCloseTo(before.y, 0);
	// Under D, whose hole is then straight above it.
	await measure(bench(page).getByLabel('Left edge'), '108');
	await station(page, 'Mark').click();
	await expect(page.getByTestId('mark').filter({ hasText: 'D ·' })).toContainText(
		'D’s hole may meet a cable straight up or down from the socket'
	);
	await page.getByRole('link', { name: 'Print sheet' }).click();
	await expect(page.getByText(/^Stop: .*D/)).toBeVisible();
	await page.getByRole('link', { name: 'Back to the marks' }).click();

	await survey(page, 'Bones');
	await page.getByRole('button', { name: 'Remove all' }).click();
	await expect(page.locator('[data-hint]')).toHaveCount(0);
	const field = page.getByTestId('tap-field');
	await page.getByRole('button', { name: 'Knock', exact: true }).click();
	const box = (await field.boundingBox())!;
	await page.mouse.click(box.x + box.width / 2, box.y + box.height / 2);
	await expect(readout(page)).toContainText('Knock: 84');
	await page.getByRole('button', { name: 'Both edges', exact: true }).click();
	await page.mouse.move(box.x + 300, box.y + 300);
	await page.mouse.down();
	await page.mouse.move(box.x + 320, box.y + 300);
	await page.mouse.up();
	await expect(page.locator('[data-hint="edges"]')).toHaveCount(1);
	await page.getByRole('button', { name: 'Both edges', exact: true }).click();
	const knock = page.locator('[data-hint="knock"]');
	await knock.focus();
	await page.keyboard.press('Shift+ArrowRight');
	await expect(readout(page)).toContainText('Knock: 85');
	await page.keyboard.press('Delete');
	await expect(knock).toHaveCount(0);
	await page.getByRole('button', { name: /^Undo/ }).click();
	await expect(knock).toHaveCount(1);
});

test('simulated instruments read, fail, and write their mean with its source', async ({ page }) => {
	await openDemo(page);
	await survey(page, 'Outline');
	await page.getByRole('button', { name: 'Read the width of the wall' }).click();
	const panel = page.getByRole('group', {
		name: 'Simulated laser distance meter: width of the wall'
	});
	for (let reading = 0; reading < 3; reading++)
		await panel.getByRole('button', { name: 'Take a reading' }).click();
	await expect(panel).toContainText('mean');
	await panel.getByRole('button', { name: 'Write it in' }).click();
	await expect(bench(page)).toContainText(/[34] readings, some simulated, ± \d/);
	// A battery lasts 24 readings at the most.
	await page.getByRole('button', { name: 'Read the height of the wall' }).click();
	const height = page.getByRole('group', { name: /height of the wall$/ });
	for (let reading = 0; reading < 25; reading++) {
		const take = height.getByRole('button', { name: 'Take a reading' });
		if (!(await take.isVisible())) break;
		await take.click();
	}
	await expect(height).toContainText('The battery is low');
	await height.getByRole('button', { name: 'New battery' }).click();
	await expect(height).toContainText('no reading yet');
	await height.getByRole('button', { name: 'Put away' }).click();
	await survey(page, 'Bones');
	await page.getByRole('button', { name: 'Remove all' }).click();
	await page.getByText('Simulated sensor and magnet').click();
	for (let sweep = 0; sweep < 4; sweep++)
		await page.getByRole('button', { name: 'Sweep the sensor' }).click();
	await expect(page.locator('[data-hint="edges"]').first()).toBeVisible();
});

test('a practice wall is found by following the advice alone', async ({ page }) => {
	await open(page, '/practice?seed=7');
	await page.getByLabel('Show what the app makes of it').check();
	const advice = page.getByTestId('advice');
	const nail = page.getByRole('button', { name: /^Nail at/ });
	for (let probes = 0; probes < 60; probes++) {
		await expect(nail).toBeEnabled();
		if (/^Studs/.test((await advice.textContent()) ?? '')) break;
		await nail.click();
		await expect(page.getByText(`holes ${probes + 1}.`)).toBeVisible();
	}
	await expect(advice).toContainText('Studs 16" apart');
	await accessible(page, 'practice');
	await page.getByRole('button', { name: /^Name these/ }).click();
	await page.getByRole('button', { name: 'Lift the board' }).click();
	const result = page.getByTestId('result');
	await expect(result).toContainText('Nails every quarter inch');
	const number = async (label: string) =>
		Number.parseInt((await result.locator(`dt:has-text("${label}") + dd`).textContent())!);
	expect(await number('Holes to fill')).toBeLessThan(await number('Nails every quarter inch'));
	expect(await number('Named where there is none')).toBe(0);
	await page.getByRole('button', { name: 'New wall' }).click();
	await page.getByLabel('Place, from the left').fill('30');
	await page.getByRole('button', { name: 'Try there' }).click();
	await expect(page.getByTestId('answer')).toContainText(/The nail meets (wood|nothing)\./);
});

test('every part of the survey is accessible, by day and by dusk, and on a phone', async ({
	page
}) => {
	for (const scheme of ['light', 'dark'] as const) {
		await page.emulateMedia({ colorScheme: scheme, reducedMotion: 'reduce' });
		await openDemo(page);
		for (const part of ['Level', 'Made of', 'On it', 'Bones', 'Prove']) {
			await survey(page, part);
			if (part === 'On it') await page.locator('[data-feature="Switch"]').focus();
			if (part === 'Bones') await expect(said(page)).toContainText('Studs 16"');
			await accessible(page, `${part}, ${scheme}`);
		}
	}
	await page.setViewportSize({ width: 390, height: 844 });
	for (const part of ['Outline', 'Bones']) {
		await survey(page, part);
		const wider = await page.evaluate(
			() => document.documentElement.scrollWidth - document.documentElement.clientWidth
		);
		expect(wider).toBe(0);
	}
});

test('a stud that a screw missed is told as missed, and is counted on no more', async ({
	page
}) => {
	await openDemo(page);
	await survey(page, 'Bones');
	const studs = page.getByRole('table', { name: 'Studs, from the left' });
	const known = await studs.getByRole('row').count();
	const [stud] = (await studs.getByRole('row').nth(5).innerText()).split('\t');
	const missed = parseLength(stud!, 'in');
	const at = missed.ok ? missed.value : 0;
	const met = {
		...{ id: 'met', at: '2026-05-02T10:00:00.000Z', by: '', wallId: 'stair-hall', what: 'met' },
		...{ step: 's', hookId: 'piece-c:0', pieceId: 'piece-c', met: 'nothing' },
		hole: { x: at, y: 1700 }
	} as DayEvent;
	await openAsFile(page, applyEvent({ ...DEMO, id: 'own-house' }, met));
	await survey(page, 'Bones');
	await expect(studs.getByText('missed here')).toHaveCount(1);
	await expect(studs.getByRole('row')).toHaveCount(known);
});
