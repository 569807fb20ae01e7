import type { Page } from '@playwright/test';
import { expect, measure, open, station, test } from './support.ts';

/** Where one hole must come: inches from the left corner, inches of the bearing, millimetres of the hole. */
type Hole = [across: string, bearing: string, hole: string];

interface Case {
	hangs: string;
	kind: string;
	size: [width: string, height: string];
	back: [label: string, reading: string][];
	choose?: [label: string, answer: string][];
	holes: Hole[];
	cord?: string;
}

/**
 * Every piece hangs in the middle of a wall 144 in wide, its middle 57 in up: centre line x = 72, top edge = 57 + H/2.
 * Bearing = top - drop. Hole = bearing + the hook's own offset, mm: picture hook with one nail +19, with two +25,
 * nail -1, screw -2.1, security screw -2.5, pin -0.5, plate and strip 0; a cleat's screws lie below its edge.
 * All worked by hand; the rule hook height = centre + H/2 - drop is common practice.
 */
const CASES: Case[] = [
	{
		// 72 - 4 3/4 = 67 1/4; 1708.15 + 19.
		hangs: 'Wire on one hook',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Ring span', '16'],
			['Rings down', '8'],
			['Pulled drop', '4 3/4']
		],
		holes: [['72"', '67 1/4"', '1727 mm']]
	},
	{
		// L = 2√(8² + 3.25²) = 17.2699, rise ½√(9.2699² - 8²) = 2.3415, drop 5.6585; 66.3415 in.
		hangs: 'Wire on two hooks',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Ring span', '16'],
			['Rings down', '8'],
			['Pulled drop', '4 3/4'],
			['Between hooks', '8']
		],
		holes: [
			['68"', '66 11/32"', '1704 mm'],
			['76"', '66 11/32"', '1704 mm']
		]
	},
	{
		// 72 - 5 and 72 - 5 1/4; 1701.8 + 25 and 1695.45 + 25.
		hangs: 'Two rings on two hooks',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Ring span', '20'],
			['Left ring down', '5'],
			['Right ring down', '5 1/4']
		],
		holes: [
			['62"', '67"', '1727 mm'],
			['82"', '66 3/4"', '1720 mm']
		]
	},
	{
		// 72 - 1; 1803.4 + 19.
		hangs: 'One ring or cord loop',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Ring down', '1'],
			['Off centre', '0']
		],
		holes: [['72"', '71"', '1822 mm']]
	},
	{
		// 72 - 1/2; 1816.1 - 1.
		hangs: 'Sawtooth on one nail',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Teeth down', '1/2'],
			['Off centre', '0']
		],
		holes: [['72"', '71 1/2"', '1815 mm']]
	},
	{
		// 72 - 1/2 and 72 - 5/8; 1816.1 - 1 and 1812.925 - 1.
		hangs: 'Two sawtooths on two nails',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Middle to middle', '14'],
			['Left teeth down', '1/2'],
			['Right teeth down', '5/8'],
			['Tooth to tooth', '1/4']
		],
		holes: [
			['65"', '71 1/2"', '1815 mm'],
			['79"', '71 3/8"', '1812 mm']
		]
	},
	{
		// Top 57 + 6 = 63; 63 - 1 1/2; 1562.1 - 2.1.
		hangs: 'Keyhole slots',
		kind: 'Shelf or rack',
		size: ['24', '12'],
		back: [
			['Between slots', '18'],
			['Left slot down', '1 1/2'],
			['Right slot down', '1 1/2'],
			['Slot', '3/8'],
			['Round hole', '3/8']
		],
		holes: [
			['63"', '61 1/2"', '1560 mm'],
			['81"', '61 1/2"', '1560 mm']
		]
	},
	{
		// The roof of a 3/8 hole 2 down lies 1 13/16 down: 63 - 1 13/16; 1554.1625 - 2.1.
		hangs: 'Holes drilled in a panel',
		kind: 'Panel',
		size: ['24', '12'],
		back: [
			['In from each side', '2'],
			['Down from the top', '2'],
			['Hole width', '3/8'],
			['Hole depth', '1/2']
		],
		holes: [
			['62"', '61 3/16"', '1552 mm'],
			['82"', '61 3/16"', '1552 mm']
		]
	},
	{
		// 72 - 1 1/2; 1790.7 + 19.
		hangs: 'Stretcher bar on hooks',
		kind: 'Canvas',
		size: ['24', '30'],
		back: [
			['Between hooks', '12'],
			['Bar down', '1 1/2']
		],
		holes: [
			['66"', '70 1/2"', '1810 mm'],
			['78"', '70 1/2"', '1810 mm']
		]
	},
	{
		// Top 57 + 12 = 69; edge at 69 - 3 = 66; screws 1 in below: 65 in = 1651 mm.
		hangs: 'Cleat or split batten',
		kind: 'Panel',
		size: ['36', '24'],
		back: [
			['Wall cleat', '30'],
			['Rail down', '3'],
			['Screw line below', '1'],
			['Outer screws', '24'],
			['Off the wall', '3/4'],
			['Off centre', '0'],
			['Spacer up', '1']
		],
		holes: [
			['60"', '66"', '1651 mm'],
			['84"', '66"', '1651 mm']
		]
	},
	{
		// Half way down: 57; half an inch beyond each edge: 72 - 12 1/2 and 72 + 12 1/2.
		hangs: 'Mirror plates',
		kind: 'Mirror',
		size: ['24', '30'],
		back: [
			['Left plate down', '15'],
			['Right plate down', '15'],
			['Hole out', '1/2'],
			['Plate thickness', '1/8']
		],
		holes: [
			['59 1/2"', '57"', '1448 mm'],
			['84 1/2"', '57"', '1448 mm']
		]
	},
	{
		// 72 - 2 1/8; 1774.825 - 2.5; the lock 1 in above the bottom at 42: 1092.2 - 2.5.
		hangs: 'Security fixings',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Between clips', '18'],
			['Left clip down', '2 1/8'],
			['Right clip down', '2 1/8'],
			['Lock up', '1'],
			['Lock off centre', '0']
		],
		holes: [
			['63"', '69 7/8"', '1772 mm'],
			['81"', '69 7/8"', '1772 mm'],
			['72"', '43"', '1090 mm']
		]
	},
	{
		// 72 - 4 = 68; the rail's top at 90: 22 in of cord.
		hangs: 'Picture rail, cords or rods',
		kind: 'Framed work',
		size: ['24', '30'],
		back: [
			['Between cords', '16'],
			['Rings down', '4']
		],
		holes: [
			['64"', '68"', '1727 mm'],
			['80"', '68"', '1727 mm']
		],
		cord: '22"'
	},
	{
		// Top 57 + 5 = 62; 62 - 1; 1549.4 + 19.
		hangs: 'Sprung plate hanger',
		kind: 'Plate or dish',
		size: ['10', '10'],
		back: [['Arch down', '1']],
		holes: [['72"', '61"', '1568 mm']]
	},
	{
		// Top 57 + 4 = 61; 61 - 2; 1498.6.
		hangs: 'Adhesive strips',
		kind: 'Panel',
		size: ['10', '8'],
		choose: [['Pairs of strips', '2']],
		back: [
			['Between strips', '7'],
			['Strips down', '2'],
			['Strip length', '2 3/4']
		],
		holes: [
			['68 1/2"', '59"', '1499 mm'],
			['75 1/2"', '59"', '1499 mm']
		]
	},
	{
		// Top 57 + 8 = 65; 65 - 1/4; 1644.65 - 0.5.
		hangs: 'Pins',
		kind: 'Textile',
		size: ['20', '16'],
		back: [
			['Between pins', '18'],
			['Pins down', '1/4']
		],
		holes: [
			['63"', '64 3/4"', '1644 mm'],
			['81"', '64 3/4"', '1644 mm']
		]
	}
];

async function startWall(page: Page): Promise<void> {
	await open(page, '/');
	await page.getByRole('button', { name: 'Start a wall' }).click();
	await measure(page.getByLabel('Wall width'), '144');
	await measure(page.getByLabel('Wall height'), '96');
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await station(page, 'Survey').click();
	await measure(page.getByLabel('Picture rail, top'), '90');
}

/** Adds a piece, turns it round, reads its back, and returns the marks of the wall as they are told. */
async function hang(page: Page, { hangs, kind, size, back, choose = [] }: Case): Promise<string[]> {
	await station(page, 'Rack').click();
	await page.getByLabel('Kind of piece').selectOption(kind);
	await page.getByLabel('Width', { exact: true }).fill(size[0]);
	await page.getByLabel('Height', { exact: true }).fill(size[1]);
	await page.getByRole('button', { name: 'Add a piece' }).click();
	await page.getByRole('combobox', { name: /^How it hangs/ }).selectOption(hangs);
	for (const [label, answer] of choose)
		await page
			.getByRole('group', { name: label })
			.getByRole('radio', { name: answer, exact: true })
			.check();
	await page.getByRole('button', { name: 'F flips' }).click();
	for (const [label, reading] of back)
		await measure(page.getByLabel(label, { exact: true }), reading);
	await expect(
		page.getByText('Dashed figures are assumed').or(page.getByText('to go.'))
	).toHaveCount(0);
	await page.getByRole('button', { name: 'Turn it round (F)' }).click();
	await station(page, 'Mark').click();
	await expect(page.getByTestId('mark').first()).toBeVisible();
	for (const prove of await page.getByTestId('mark').getByText('Prove it').all())
		await prove.click();
	return page.getByTestId('mark').allInnerTexts();
}

async function takeOut(page: Page): Promise<void> {
	await station(page, 'Rack').click();
	await page.getByRole('radio', { name: 'piece', exact: true }).check();
	await page.getByRole('button', { name: /from the project$/ }).click();
}

const QUARTER = Math.ceil(CASES.length / 4);
for (let part = 0; part < 4; part++) {
	const cases = CASES.slice(part * QUARTER, (part + 1) * QUARTER);
	test(`marks agree with the sum worked by hand: ${cases.map(({ hangs }) => hangs).join(', ')}`, async ({
		page
	}) => {
		await startWall(page);
		for (const each of cases) {
			const marks = await hang(page, each);
			expect(marks, each.hangs).toHaveLength(each.holes.length);
			for (const [index, [across, bearing, hole]] of each.holes.entries()) {
				const mark = marks[index]!.replace(/\s+/g, ' ');
				expect(mark, each.hangs).toContain(`${across} `);
				expect(mark, each.hangs).toContain('right of the left corner');
				expect(mark, each.hangs).toContain(bearing);
				expect(mark, each.hangs).toMatch(/its (hole|bearing) at/);
				expect(mark, each.hangs).toContain(hole);
				if (each.cord) expect(mark, each.hangs).toContain(`${each.cord} `);
			}
			await takeOut(page);
		}
	});
}
