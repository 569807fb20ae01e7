import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import {
	hookOf,
	PENS,
	planWallFast,
	printTemplates,
	SHEETS,
	stylesOf,
	templateOf,
	usualPaper,
	usualPrinting,
	type PenName,
	type Printing,
	type Template
} from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { pagesPdf } from './pdf.ts';

const FACE = new Uint8Array(
	readFileSync(
		'node_modules/@expo-google-fonts/barlow-condensed/500Medium/BarlowCondensed_500Medium.ttf'
	)
);

function templatesOn(wallId: string): Template[] {
	const plan = planWallFast(DEMO, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value.pieces.map((planned) =>
		templateOf(
			planned,
			DEMO.pieces.find(({ id }) => id === planned.pieceId)!,
			({ kind }) => hookOf(kind).name
		)
	);
}

function pagesFor(templates: Template[], printing: Partial<Printing> & Pick<Printing, 'on'>) {
	const pages = printTemplates({
		templates,
		printing: { ...usualPrinting, ...printing, on: printing.on! },
		paper: usualPaper,
		styles: stylesOf(DEMO.houseRules),
		title: 'Ferry House'
	});
	if (!pages.ok) throw new Error(pages.error.message);
	return pages.value;
}

interface Stroke {
	pen: PenName;
	/** The box round its path, mm, and whether it is closed. */
	x: number;
	y: number;
	width: number;
	height: number;
	closed: boolean;
	/** Its middle lies where the page shows it. */
	shown: boolean;
}

interface ReadPage {
	width: number;
	height: number;
	text: string;
	strokes: Stroke[];
}

const MM = 25.4 / 72;
const penOf = (colour: string, points: number) =>
	(Object.keys(PENS) as PenName[]).find(
		(name) => PENS[name].colour === colour && Math.abs(PENS[name].width / MM - points) < 1e-3
	)!;

/** Path, colour and width of every stroke of a page, and its text, by a reader that is not ours. */
async function readPdf(bytes: Uint8Array): Promise<ReadPage[]> {
	const file = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise;
	const pages: ReadPage[] = [];
	for (let number = 1; number <= file.numPages; number++) {
		const page = await file.getPage(number);
		const [, , width, height] = page.view as [number, number, number, number];
		const { items } = await page.getTextContent();
		const text = items.map((item) => ('str' in item ? item.str : '')).join('\n');
		const { fnArray, argsArray } = await page.getOperatorList();
		const strokes: Stroke[] = [];
		let [colour, points] = ['', 0];
		let clip = [0, 0, width, height];
		for (const [index, operator] of fnArray.entries()) {
			const args = argsArray[index] as unknown[];
			if (operator === OPS.setStrokeRGBColor) colour = args[0] as string;
			if (operator === OPS.setLineWidth) points = args[0] as number;
			if (operator === OPS.restore) clip = [0, 0, width, height];
			if (operator !== OPS.constructPath) continue;
			const [kind, [path], box] = args as [number, [Float32Array], Float32Array];
			const [x, y, far, high] = [...box] as [number, number, number, number];
			if (kind === OPS.endPath) clip = [x, y, far, high];
			if (kind !== OPS.stroke && kind !== OPS.closeStroke) continue;
			const [across, up] = [(x + far) / 2, (y + high) / 2];
			strokes.push({
				pen: penOf(colour, points),
				...{ x: x * MM, y: y * MM, width: (far - x) * MM, height: (high - y) * MM },
				closed: path.at(-1) === 4,
				shown: across > clip[0]! && across < clip[2]! && up > clip[1]! && up < clip[3]!
			});
		}
		pages.push({ width: width * MM, height: height * MM, text, strokes });
	}
	return pages;
}

const read = async (templates: Template[], printing: Partial<Printing> & Pick<Printing, 'on'>) =>
	readPdf(await pagesPdf(pagesFor(templates, printing), { title: 'Ferry House', face: FACE }));

const middle = ({ x, y, width, height }: Stroke) => ({ x: x + width / 2, y: y + height / 2 });
const ringsOf = ({ strokes }: ReadPage) =>
	strokes.filter(({ pen, closed }) => pen === 'match' && closed).map(middle);

/** Where each page lies from the first, found by laying the rings of neighbours on each other, as a person does. */
function assembled(pages: ReadPage[]): { page: ReadPage; x: number; y: number }[] {
	const byPlace = new Map(
		pages.map((page) => {
			const [, row, column] = /(\d+)·(\d+), \d+ of/.exec(page.text) ?? ['', '1', '1'];
			return [`${row} ${column}`, { page, row: Number(row), column: Number(column) }];
		})
	);
	const [first] = byPlace.values();
	const laid = new Map([[first!.page, { x: 0, y: 0 }]]);
	const queue = [first!];
	for (const at of queue) {
		for (const [rows, columns] of [
			[0, 1],
			[0, -1],
			[1, 0],
			[-1, 0]
		] as const) {
			const other = byPlace.get(`${at.row + rows} ${at.column + columns}`);
			if (!other || laid.has(other.page)) continue;
			const facing = ({ page }: typeof at, towards: number) =>
				ringsOf(page)
					.sort((a, b) => towards * (columns ? a.x - b.x : b.y - a.y))
					.slice(-2)
					.sort((a, b) => (columns ? a.y - b.y : a.x - b.x));
			const mine = facing(at, columns + rows);
			const theirs = facing(other, -columns - rows);
			const [one, two] = mine.map((ring, index) => ({
				x: ring.x - theirs[index]!.x,
				y: ring.y - theirs[index]!.y
			}));
			expect(Math.hypot(one!.x - two!.x, one!.y - two!.y), 'rings fall together').below(0.02);
			const here = laid.get(at.page)!;
			laid.set(other.page, { x: here.x + one!.x, y: here.y + one!.y });
			queue.push(other);
		}
	}
	expect(laid.size, 'every page joins on').equal(pages.length);
	return [...laid].map(([page, at]) => ({ page, ...at }));
}

/** The box round an outline, mm from the lower left corner of its piece: a polygon need not reach every side. */
function extent({ outline, width, height }: Template) {
	const points =
		outline.by === 'polygon'
			? outline.points
			: [
					{ x: 0, y: 0 },
					{ x: 1, y: 1 }
				];
	const [xs, ys] = [points.map(({ x }) => x * width), points.map(({ y }) => (1 - y) * height)];
	const [x, y] = [Math.min(...xs), Math.min(...ys)];
	return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

describe('templates as a PDF, read back', () => {
	for (const [wallId, on] of [
		['stair-hall', 'a4'],
		['tea-room', 'letter'],
		['net-loft', 'a3']
	] as const)
		it(`put every mark within 0.2 mm of the plan on the assembled ${SHEETS[on].name} of the ${wallId}`, async () => {
			for (const template of templatesOn(wallId)) {
				const pages = assembled(await read([template], { on }));
				const outlines = pages.flatMap(({ page, x, y }) =>
					page.strokes
						.filter(({ pen, closed }) => pen === 'outline' && closed)
						.map((stroke) => ({ ...stroke, x: stroke.x + x, y: stroke.y + y }))
				);
				const is = extent(template);
				const corner = { x: outlines[0]!.x - is.x, y: outlines[0]!.y - is.y };
				for (const { x, y, width, height } of outlines) {
					expect(Math.hypot(x - corner.x - is.x, y - corner.y - is.y)).below(0.2);
					expect(width).closeTo(is.width, 0.2);
					expect(height).closeTo(is.height, 0.2);
				}
				const rings = pages.flatMap(({ page, x, y }) =>
					page.strokes
						.filter(
							({ pen, closed, shown }) => (pen === 'hole' || pen === 'bearing') && closed && shown
						)
						.map(middle)
						.map((at) => ({ x: at.x + x - corner.x, y: at.y + y - corner.y }))
				);
				const marks = template.points.flatMap((point) =>
					point.hole ? [point[point.markedAt]!] : []
				);
				for (const mark of marks)
					expect(
						rings.some((ring) => Math.hypot(ring.x - mark.x, ring.y - mark.y) < 0.2),
						`${template.letter} ${mark.x} ${mark.y}`
					).equal(true);
				for (const ring of rings)
					expect(marks.some((mark) => Math.hypot(ring.x - mark.x, ring.y - mark.y) < 0.2)).equal(
						true
					);
			}
		}).timeout(60_000);

	it('carry two true bars on every page, its name and how it is printed, clear of the rims', async () => {
		const margins = { left: 4, right: 12, top: 9, bottom: 15 };
		const templates = templatesOn('stair-hall');
		const pages = await read(templates, { on: 'letter', margins, each: true });
		expect(pages.length).above(templates.length);
		for (const { width, height, text, strokes } of pages) {
			const { width: w, height: h } = SHEETS.letter;
			const landscape = width > height;
			for (const [is, wanted] of [
				[width, landscape ? h : w],
				[height, landscape ? w : h]
			] as const)
				expect(is).closeTo(wanted, 0.01);
			for (const bar of [100, 4 * 25.4])
				expect(
					strokes.filter(
						({ pen, width, height }) =>
							pen === 'note' && height < 1e-3 && Math.abs(width - bar) < 0.02
					),
					`a bar of ${bar}`
				).lengthOf(1);
			expect(text)
				.contain('Print at 100 %')
				.and.contain('not mirrored')
				.and.match(/\d of \d+/);
			const own = strokes.filter(({ pen }) => pen === 'join' || pen === 'match' || pen === 'note');
			// On its side the sheet may go in either way round: the wider of two rims counts.
			const rims = landscape ? { left: 15, right: 15, top: 12, bottom: 12 } : margins;
			for (const { pen, ...box } of own.filter(({ pen, shown }) => pen === 'match' && shown)) {
				expect(box.x, pen).least(rims.left - 0.01);
				expect(box.x + box.width).most(width - rims.right + 0.01);
				expect(box.y).least(rims.bottom - 0.01);
				expect(box.y + box.height).most(height - rims.top + 0.01);
			}
		}
		const all = pages.map(({ text }) => text).join('\n');
		for (const { name, points } of templates) {
			expect(all).contain(name);
			for (const { says } of points) expect(all).contain(says);
		}
	}).timeout(60_000);

	it('are one page as long as the roll, with every outline whole on it', async () => {
		const templates = templatesOn('tea-room');
		const [page, ...others] = await read(templates, { on: 'roll' });
		expect(others).deep.equal([]);
		expect(page!.width).closeTo(usualPaper.rollWidth, 0.01);
		const sizes = page!.strokes
			.filter(({ pen, closed }) => pen === 'outline' && closed)
			.map(({ width, height }) => [width, height].sort((a, b) => a - b));
		expect(sizes).lengthOf(templates.length);
		for (const { width, height } of templates.map(extent)) {
			const [small, large] = [width, height].sort((a, b) => a - b);
			expect(
				sizes.some(([a, b]) => Math.abs(a! - small!) < 0.1 && Math.abs(b! - large!) < 0.1),
				`${small} by ${large} among ${sizes.join('; ')}`
			).equal(true);
		}
	}).timeout(60_000);

	it('tell their progress page by page', async () => {
		const told: string[] = [];
		const pages = pagesFor(templatesOn('net-loft').slice(0, 1), { on: 'a4' });
		await pagesPdf(pages, {
			...{ title: 'One', face: FACE },
			onpage: (done, of) => told.push(`${done}/${of}`)
		});
		expect(told).lengthOf(pages.length);
		expect(told.at(-1)).equal(`${pages.length}/${pages.length}`);
	});
});
