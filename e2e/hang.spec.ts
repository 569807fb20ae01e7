import type { Page } from '@playwright/test';
import { DEMO } from '../src/lib/store/demo/index.ts';
import { hungDemo } from './hung-demo.ts';
import {
	accessible,
	expect,
	kept,
	open,
	openAsFile,
	openDemo,
	pieceOn,
	station,
	test,
	withoutLocks
} from './support.ts';

test.use({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' });
const HALL = '/p/demo-ferry-house/stair-hall';
const bench = (page: Page) => page.getByRole('complementary', { name: 'Bench' });
const press = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).click();
const heading = (page: Page) => page.getByRole('heading', { level: 2 });

/** Settles the mirror on a cleat with one screw in a stud, and the others by their first way. */
async function settleAll(page: Page) {
	await openDemo(page);
	await station(page, 'Fix').click();
	await pieceOn(page, 'C').focus();
	await press(page, /more ways$/);
	await page
		.getByTestId('way')
		.filter({ hasText: 'strap toggle and 1 × screw through the wall half' })
		.getByRole('button', { name: 'Use this' })
		.click();
	await press(page, /All pieces/);
	await press(page, /Use the best way for all 6/);
	await press(page, 'Use for all 6');
	await expect(page.getByRole('button', { name: /Use the best way/ })).toHaveCount(0);
}

async function begin(page: Page) {
	await station(page, 'Hang').click();
	await page.getByLabel(/Who hangs/).fill('Mina');
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await expect(heading(page)).toHaveText('The width again');
}

/** Measures of the survey taken again with a simulated laser. */
async function prove(page: Page) {
	for (const what of ['width again', 'height again', 'leftmost hook', 'rightmost hook']) {
		await expect(heading(page)).toContainText(what);
		await press(page, /simulated laser/);
		await expect(page.getByText('It agrees')).toBeVisible();
		await press(page, 'Keep it, next');
	}
}

test('the stair hall is hung offline, with a missed stud and a tilted picture, and what happened is kept', async ({
	page,
	context
}) => {
	await settleAll(page);
	await kept(page);
	await page.evaluate(async () => void (await navigator.serviceWorker.ready));
	await context.setOffline(true);
	await begin(page);
	await accessible(page, 'a measure taken again');
	await prove(page);
	// What anyone does before the work is one screen.
	await expect(heading(page)).toContainText('Clear the room');
	for (const what of ['Look over the backs', 'Lay out tools', 'Lay painter’s'])
		await expect(page.getByRole('heading', { level: 3 }).filter({ hasText: what })).toBeVisible();
	await press(page, 'Done, next');

	await expect(heading(page)).toHaveText('A · left hook');
	await accessible(page, 'a mark at the wall');
	const size = await page
		.locator('.lead')
		.first()
		.evaluate((e) => getComputedStyle(e).fontSize);
	expect(parseFloat(size)).toBeGreaterThanOrEqual(40);
	const marked = page.getByRole('button', { name: 'Marked, next' });
	while (!/one-nail/.test(await heading(page).innerText())) await marked.click();

	// Closed and opened again without a server, it goes on where it stopped.
	await expect(heading(page)).toContainText('A · left hook: one-nail');
	await kept(page);
	await page.reload();
	await expect(heading(page)).toContainText('A · left hook: one-nail');

	const isIn = page.getByRole('button', { name: /^(It is|All) in, next$/ });
	for (const hook of ['A · left', 'B · left']) {
		await expect(heading(page)).toContainText(hook);
		await isIn.click();
	}
	await expect(page.getByText('Here it meets a timber stud')).toHaveCount(0);
	await expect(heading(page)).toContainText('C · screw 1');
	await isIn.click();
	await expect(heading(page)).toContainText('C · screw 2');
	await expect(page.getByText('Here it meets a timber stud')).toBeVisible();
	await press(page, 'Something’s wrong');
	await accessible(page, 'what can go wrong');
	await press(page, 'I missed the stud');
	await press(page, /Keep it on the wall/);
	await expect(page.getByRole('region', { name: 'The next best way' })).toContainText(
		'What else holds C'
	);
	await accessible(page, 'the next best way');
	await page.getByRole('button', { name: 'Do it this way' }).first().click();

	for (let steps = 0; steps < 30; steps++) {
		if (/^Hang/.test(await heading(page).innerText())) break;
		await page.getByRole('button', { name: /^(Marked|It is in|All in), next$/ }).click();
	}
	await expect(heading(page)).toHaveText('Hang C, Pier mirror');
	await expect(page.getByText('two people', { exact: true })).toBeVisible();
	await accessible(page, 'a lift');
	await press(page, 'It hangs');
	await press(page, 'simulated digital level');
	await expect(page.getByText(/^(Lower|Slip|Slide) /)).toBeVisible();
	await accessible(page, 'a level read');
	await press(page, 'Done: read it again');
	await expect(page.getByText('Now lay the level on it again.')).toBeVisible();
	await press(page, 'simulated digital level');
	await expect(page.getByText('It is level, as far as anyone can see.')).toBeVisible();
	await press(page, 'It is level, next');

	for (let steps = 0; steps < 40; steps++) {
		const next = page.getByRole('button', { name: /^(It hangs|It is level, next|Done, next)$/ });
		if (!(await next.isVisible())) break;
		await next.click();
	}
	await expect(heading(page)).toHaveText('The wall is done');
	await kept(page);
	await page.reload();
	await page.getByRole('link', { name: 'Back to the run sheet', exact: true }).click();
	await expect(station(page, 'Hang')).toContainText('all hung');

	await station(page, 'Book').click();
	await expect(page.getByTestId('record')).toHaveCount(7);
	const mirror = page.getByTestId('record').filter({ hasText: 'Pier mirror' });
	await expect(mirror).toContainText('by Mina');
	await mirror.getByRole('heading').click();
	await expect(mirror).toContainText(/A simulated level last read -?0\.\d\d°/);
	await page.getByRole('radio', { name: 'history' }).check();
	await expect(page.getByText('C: the hole met nothing to hold.')).toBeVisible();
	await page.getByRole('radio', { name: 'holes' }).check();
	await expect(
		bench(page).getByRole('listitem').filter({ hasText: 'Hole that met nothing to hold' })
	).toBeVisible();
	await context.setOffline(false);
});

test('a measure that does not agree stops the day, and one out of reason is asked about once', async ({
	page
}) => {
	await openDemo(page);
	await begin(page);
	for (let digits = 0; digits < 8; digits++) await press(page, /^8$/);
	await expect(page.getByText('This is more than 100 m. Check the unit.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Keep it, next' })).toBeDisabled();
	await press(page, 'clear');
	for (const key of ['1', '6', '5', '1/2']) await press(page, new RegExp(`^${key}$`));
	await expect(page.getByRole('textbox', { name: 'What the tape reads' })).toHaveValue('165 1/2');
	await expect(page.getByText(/That is 2\s1\/2" less/)).toBeVisible();
	await press(page, 'Keep it, next');
	await expect(heading(page)).toHaveText('The width again');
	await kept(page);
	await open(page, `${HALL}/hang`);
	await expect(page.getByText('does not agree with the survey')).toBeVisible();
	await page.getByText('Mark', { exact: true }).last().click();
	await expect(page.getByText('after: The width again').first()).toBeVisible();
	await accessible(page, 'the run sheet');
	await page.getByRole('link', { name: 'Go on at the wall' }).click();
	await press(page, 'Skip');
	await press(page, 'Skip it');
	await expect(page.getByText('Say why, in a word or two')).toBeVisible();
	await page.getByLabel('Another reason').fill('the corner is furred out');
	await press(page, 'Skip it');
	await expect(heading(page)).toHaveText('The height again');
});

test('a hook that came out low takes the other with it, and a second window never writes over the day', async ({
	page,
	context
}) => {
	await withoutLocks(context);
	await openDemo(page);
	await begin(page);
	await prove(page);
	await press(page, 'Done, next');
	while (!/: /.test(await heading(page).innerText())) await press(page, 'Marked, next');
	await expect(heading(page)).toContainText('A · left hook: ');
	await press(page, 'Its height is off');
	const read = page.getByRole('textbox', { name: /^The lowest point of the hook, up from/ });
	await read.fill('69 1/4');
	await expect(page.getByText(/The left hook is 3\s\d+\/\d+" too low/)).toBeVisible();
	await expect(page.getByRole('alert')).toContainText('Kept?');
	await expect(page.getByRole('button', { name: 'Keep it so, next' })).toBeDisabled();
	await read.fill('12');
	await expect(page.getByRole('alert')).toContainText('something else was read');
	await expect(page.getByRole('button', { name: 'Yes, keep it' })).toHaveCount(0);
	await read.fill('72 1/8');
	await expect(page.getByText(/The left hook is \d+\/\d+" too low/)).toBeVisible();
	await press(page, 'Keep it so, next');
	// The right hook follows, so its mark is open again.
	await expect(heading(page)).toHaveText('A · right hook');
	await kept(page);

	const other = await context.newPage();
	await open(other, `${HALL}/at-the-wall`);
	await expect(heading(other)).toHaveText('A · right hook');
	await press(other, 'Marked, next');
	await kept(other);
	await press(page, 'Marked, next');
	await expect(page.getByRole('alert')).toContainText('changed in another window');
	await press(page, 'Load that version');
	await expect(heading(page)).toContainText('A · right hook: ');
});

/** Skips every step until one whose title begins so. */
async function skipTo(page: Page, title: RegExp) {
	for (let steps = 0; steps < 60; steps++) {
		if (title.test(await heading(page).innerText())) return;
		await press(page, /^Skip/);
		await press(page, 'Not needed here');
	}
}

test('a piece that came out too high or off the wall gets one instruction, and its back is taken as it is', async ({
	page
}) => {
	await openDemo(page);
	await begin(page);
	await skipTo(page, /^A · left hook: /);
	await press(page, 'All in, next');
	await skipTo(page, /^Hang A/);
	await expect(page.getByText('one person', { exact: true })).toBeVisible();
	await press(page, 'It hangs');
	await expect(heading(page)).toHaveText('Level A');

	await press(page, /^right$/);
	await press(page, '1/4');
	await press(page, 'Show the correction');
	await expect(page.getByText(/^Slide the piece .* to the right on its wire\.$/)).toBeVisible();
	await press(page, /^right$/);
	await press(page, /^4$/);
	await expect(page.getByRole('alert')).toContainText('off. Kept?');
	await expect(page.getByRole('button', { name: 'Show the correction' })).toBeDisabled();
	await press(page, /^level$/);
	await press(page, 'It reads level');
	await expect(page.getByText('It is level, as far as anyone can see.')).toBeVisible();

	// A pedal that turns pages goes on and back.
	await page.locator('h2').click();
	await page.keyboard.press('PageDown');
	await expect(heading(page)).toHaveText(/^Hang /);
	await page.keyboard.press('PageUp');
	await expect(heading(page)).toHaveText('Level A');

	await page.getByRole('radio', { name: 'its height' }).check();
	await press(page, /simulated laser/);
	await expect(page.getByText(/^It hangs \d+\/\d+" too high: lower both hooks/)).toBeVisible();
	await accessible(page, 'a height that came out');
	await press(page, 'Keep it so');
	await page.getByRole('radio', { name: 'a corner' }).check();
	await page.getByRole('radio', { name: 'lower right' }).check();
	await press(page, '1/8');
	await expect(page.getByText('Add a bumper of 1/8" at the lower right corner.')).toBeVisible();
	await accessible(page, 'a corner off the wall');

	await kept(page);
	await open(page, `${HALL}/book`);
	await page.getByRole('radio', { name: 'history' }).check();
	await expect(
		page.getByText(/^A came out \d+\/\d+" too high by a simulated laser\.$/)
	).toBeVisible();
});

test('steps are done earlier or later within what is safe, and what waits says for what', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Hang').click();
	const row = (title: string) => bench(page).getByRole('listitem').filter({ hasText: title });
	await row('The width again').getByText('The width again').click();
	await expect(page.getByRole('button', { name: 'Do The width again earlier' })).toBeDisabled();
	await press(page, 'Do The width again later');
	await expect(bench(page).getByRole('listitem').first()).toContainText('The height again');
	await page.getByText('Drill and set', { exact: true }).click();
	await row('A · left hook: ').first().getByText('A · left hook: ').click();
	await expect(row('A · left hook: ')).toContainText('after: A · left hook');
	await expect(row('A · left hook: ')).toContainText('Done at the wall.');
	await expect(page.getByRole('button', { name: /^Do A · left hook: .* earlier$/ })).toBeDisabled();
	await page.getByText('Get ready', { exact: true }).click();
	const room = row('Clear the room');
	await room.getByText('Clear the room').click();
	await room.getByRole('button', { name: 'Done' }).click();
	await expect(room).toContainText('done');
	await room.getByRole('button', { name: 'Open it again' }).click();
	await expect(room).toContainText('open');
	await accessible(page, 'a run sheet with its details open');
});

test('marks are read one after another, and ticked only once a person says so', async ({
	page
}) => {
	await openDemo(page);
	await begin(page);
	await prove(page);
	await press(page, 'Done, next');
	await expect(heading(page)).toHaveText('A · left hook');
	await page.clock.install();
	await press(page, 'Read aloud');
	await page.getByRole('radio', { name: 'after 20 s' }).check();
	for (const mark of ['A · right hook', 'B · left hook']) {
		await page.clock.runFor(20_000);
		await expect(heading(page)).toHaveText(mark);
	}
	await accessible(page, 'marks read one after another');
	await expect(page.getByRole('progressbar', { name: '8 of 52 steps' })).toBeVisible();
	await press(page, 'All 3 read are on');
	await expect(page.getByRole('progressbar', { name: '11 of 52 steps' })).toBeVisible();
	await expect(heading(page)).toHaveText('B · right hook');
	await page.getByRole('radio', { name: 'stay' }).check();
	await page.clock.runFor(60_000);
	await expect(heading(page)).toHaveText('B · right hook');
});

test('a piece that cannot be hung as it is stands on the sheet until it is put right or left off', async ({
	page
}) => {
	const project = hungDemo();
	const a = project.pieces.find(({ letter }) => letter === 'A')!;
	Object.assign(a.back, { ringSpan: a.width + 10 });
	await openAsFile(page, { ...project, day: [], hangings: [] });
	await begin(page);
	await skipTo(page, /^A cannot be hung yet$/);
	await expect(heading(page)).toHaveText('A cannot be hung yet');
	await accessible(page, 'a piece that cannot be hung');
	await page.getByRole('link', { name: 'Open its back in the Rack' }).click();
	await expect(
		page.getByText('The rings are as far apart').filter({ visible: true }).first()
	).toBeVisible();
	await station(page, 'Hang').click();
	await page.getByRole('link', { name: 'Go on at the wall' }).click();
	await press(page, 'Go on without it');
	await expect(heading(page)).toHaveText('Clear the room');
});

test('in a project of one’s own no reading is taken that nobody read', async ({ page }) => {
	await openAsFile(page, { ...DEMO, id: 'own-house' });
	for (const name of ['Rack', 'Survey', 'Hang']) {
		await station(page, name).click();
		await expect(page.getByText(/simulated|practice scale/i)).toHaveCount(0);
	}
	await begin(page);
	await skipTo(page, /^D · hook: /);
	await press(page, 'It is in, next');
	await skipTo(page, /^Hang D/);
	await press(page, 'It hangs');
	await press(page, /^right$/);
	await press(page, '1/4');
	await press(page, 'Show the correction');
	await press(page, 'Done: read it again');
	await expect(page.getByText('Now lay the level on it again.')).toBeVisible();
	await expect(page.getByText(/simulated/)).toHaveCount(0);
	await expect(page.locator('.shown')).toHaveCount(0);
	await press(page, 'It is level, next');
	await kept(page);
	await page.getByRole('link', { name: /^Leave the wall/ }).click();
	await station(page, 'Book').click();
	const record = page.getByTestId('record');
	await record.getByRole('heading').click();
	await expect(record).toContainText('The level was not read.');
});

test('piece by piece, the next is marked from what hangs, and the wall is held still for it', async ({
	page
}) => {
	await openDemo(page);
	await station(page, 'Hang').click();
	await page.getByRole('radio', { name: 'piece by piece' }).check();
	await page.getByRole('link', { name: 'Begin at the wall' }).click();
	await page.setViewportSize({ width: 390, height: 844 });
	const heading = page.getByRole('heading', { level: 2 });
	const on = async (now: string): Promise<void> => {
		if (/^Hang /.test(now)) return press(page, 'It hangs');
		if (/^Level /.test(now)) return press(page, /next$/);
		if (/: /.test(now)) return press(page, /in, next$/);
		await press(page, /^Skip/);
		await press(page, 'Not needed here');
	};
	const hung = page.getByText(/(right|left) of piece C, (right|left) edge/);
	for (let steps = 0; steps < 30; steps++) {
		const now = await heading.innerText();
		if ((await hung.count()) > 0) break;
		await on(now);
		await expect(heading).not.toHaveText(now);
	}
	await expect(hung).toBeVisible();
	await expect(page.getByText(/(up|down) from the (top|bottom) of piece C/)).toBeVisible();
	await accessible(page, 'a mark from what hangs');
	await press(page, 'Marked, next');
	await expect(page.getByText(/^Hammering shakes the wall/)).toBeVisible();
	await press(page, /in, next$/);
	await press(page, 'It hangs');
	await expect(heading).toHaveText(/^Level [A-G]$/);

	await page.getByRole('radio', { name: 'its gap' }).check();
	await press(page, /simulated laser/);
	await expect(page.getByText(/^The gap to C is \d+\/\d+" too wide: /)).toBeVisible();
	await accessible(page, 'a gap that came out');
	await press(page, /^Keep (it so|the reading)$/);
	await expect(page.getByText(/^The gap to C is/)).toHaveCount(0);
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.getByRole('link', { name: /^Leave the wall/ }).click();
	await station(page, 'Book').click();
	await page.getByRole('radio', { name: 'history' }).check();
	await expect(page.getByText(/gap \d+\/\d+" too wide, by a simulated laser/)).toBeVisible();
});
