import { expect } from 'chai';
import DxfParser from 'dxf-parser';
import { XMLParser } from 'fast-xml-parser';
import { strFromU8, unzipSync } from 'fflate';
import {
	drawTemplate,
	printTemplates,
	scaledUp,
	stylesOf,
	usualPaper,
	usualPrinting,
	type Template
} from '../../core/index.ts';
import { DEMO } from '../../store/demo/index.ts';
import { drawingDxf } from './dxf.ts';
import { drawingsFile } from './drawings-file.ts';
import { drawingSvg, pageSvg } from './svg.ts';

const template = (change: Partial<Template> = {}): Template => ({
	...{ letter: 'C', name: 'Tide & <moon>', width: 400, height: 300, outline: { by: 'rectangle' } },
	points: [
		{
			...{ name: 'left hook', says: 'Picture hook' },
			hole: { x: 120, y: 250 },
			bearing: { x: 120, y: 235 },
			markedAt: 'hole'
		}
	],
	bumpers: [{ x: 12, y: 12 }],
	stop: false,
	...change
});
const drawing = (change: Partial<Template> = {}) =>
	drawTemplate(template(change), stylesOf(DEMO.houseRules));

interface Entity {
	type: string;
	layer: string;
	vertices?: { x: number; y: number }[];
	shape?: boolean;
	center?: { x: number; y: number };
	radius?: number;
	majorAxisEndPoint?: { x: number; y: number };
	axisRatio?: number;
	text?: string;
}

function readDxf(change: Partial<Template> = {}) {
	const file = new DxfParser().parseSync(drawingDxf(drawing(change)))!;
	const entities = file.entities as unknown as Entity[];
	return { file, on: (layer: string) => entities.filter((each) => each.layer === layer) };
}

describe('a template as DXF, read back', () => {
	it('is in mm, with its outline closed and the cross where it belongs', () => {
		const { file, on } = readDxf();
		// $INSUNITS 4: millimetres. DXF Reference, HEADER section; from memory.
		expect(file.header.$INSUNITS).equal(4);
		// What a machine cuts is the outline alone.
		const [outline, ...others] = on('OUTLINE') as [Entity, ...Entity[]];
		expect([outline.shape, others]).deep.equal([true, []]);
		expect(outline.vertices!.map(({ x, y }) => [x, y])).have.deep.members([
			[0, 0],
			[400, 0],
			[400, 300],
			[0, 300]
		]);
		const arms = on('HOLE').filter(({ vertices }) => vertices);
		expect(arms).lengthOf(2);
		for (const { vertices } of arms) {
			expect((vertices![0]!.x + vertices![1]!.x) / 2).closeTo(120, 1e-6);
			expect((vertices![0]!.y + vertices![1]!.y) / 2).closeTo(250, 1e-6);
		}
		const [ring] = on('HOLE').filter(({ type }) => type === 'CIRCLE');
		expect([ring!.center!.x, ring!.center!.y]).deep.equal([120, 250]);
		expect(on('BEARING')[0]!.vertices![0]!.y).closeTo(235, 1e-6);
		expect(on('WORDS').map(({ text }) => text)).include('C');
	});

	it('keeps an oval an oval, upright or lying', () => {
		for (const [width, height] of [
			[400, 300],
			[300, 400]
		] as const) {
			const { on } = readDxf({ width, height, outline: { by: 'oval' } });
			const [oval] = on('OUTLINE').filter(({ type }) => type === 'ELLIPSE');
			expect([oval!.center!.x, oval!.center!.y]).deep.equal([width / 2, height / 2]);
			const { x, y } = oval!.majorAxisEndPoint!;
			expect(Math.hypot(x, y)).closeTo(200, 1e-6);
			expect(width > height ? y : x).closeTo(0, 1e-9);
			expect(oval!.axisRatio).closeTo(0.75, 1e-9);
		}
	});
});

describe('a template as SVG, read back', () => {
	interface Node {
		[key: string]: unknown;
	}
	const read = (change: Partial<Template> = {}) => {
		const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
		const { svg } = parser.parse(drawingSvg(drawing(change))) as { svg: Node & { g: Node[] } };
		return { svg, layer: (id: string) => svg.g.find((group) => group.id === id)! };
	};

	it('is as large as the piece, one unit to the mm', () => {
		const { svg } = read();
		expect(svg).include({ width: '400mm', height: '300mm', viewBox: '0 -300 400 300' });
	});

	it('has a layer for each pen, the cross in its place, up above', () => {
		const { layer } = read();
		expect((layer('outline').path as Node).d).equal('M0 -300L400 -300L400 0L0 0Z');
		expect(layer('hole').ellipse).include({ cx: '120', cy: '-250' });
		expect((layer('bearing').path as Node).d).match(/^M115 -235L125 -235$/);
	});

	it('escapes what people call their pieces', () => {
		expect(drawingSvg(drawing())).contain('Tide &amp; &lt;moon&gt;');
		const names = (read().layer('words').text as Node[]).map((each) => each['#text']);
		expect(names.join(' ')).contain('moon');
	});
});

describe('files of drawings', () => {
	it('are the drawing itself for one, and a zip of one each for several', async () => {
		const one = { name: 'job-a.dxf', drawing: drawing() };
		expect(drawingsFile([one], 'dxf', 'job-dxf.zip')).deep.include({
			...{ name: 'job-a.dxf', content: drawingDxf(one.drawing), type: 'image/vnd.dxf' }
		});
		const other = { name: 'job-b.dxf', drawing: drawing({ letter: 'B' }) };
		const both = drawingsFile([one, other], 'dxf', 'job-dxf.zip');
		expect(both.name).equal('job-dxf.zip');
		const files = unzipSync(new Uint8Array(await (both.content as Blob).arrayBuffer()));
		expect(Object.keys(files)).deep.equal(['job-a.dxf', 'job-b.dxf']);
		expect(strFromU8(files['job-b.dxf']!)).equal(drawingDxf(other.drawing));
	});

	it('of what is drawn to scale are as large as what it is of', () => {
		const small = drawing();
		const large = scaledUp(small, 24);
		expect(large.box.width).closeTo(24 * small.box.width, 1e-9);
		const { on } = (() => {
			const file = new DxfParser().parseSync(drawingDxf(large))!;
			const entities = file.entities as unknown as Entity[];
			return { on: (layer: string) => entities.filter((each) => each.layer === layer) };
		})();
		const [ring] = on('HOLE').filter(({ type }) => type === 'CIRCLE');
		expect([ring!.center!.x, ring!.center!.y]).deep.equal([24 * 120, 24 * 250]);
		const texts = on('WORDS').map((each) => (each as { textHeight?: number }).textHeight ?? 0);
		expect(Math.min(...texts)).above(24 * 2);
	});
});

describe('a page as SVG, read back', () => {
	const pages = printTemplates({
		...{
			templates: [template()],
			paper: usualPaper,
			title: 'Job',
			styles: stylesOf(DEMO.houseRules)
		},
		printing: { ...usualPrinting, on: 'a4' }
	});
	if (!pages.ok) throw new Error(pages.error.message);

	it('has the size of its sheet, and cuts its drawing off at the window', () => {
		const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' });
		for (const [index, page] of pages.value.entries()) {
			const { svg } = parser.parse(pageSvg(page, `w${index}`)) as {
				svg: Record<string, string> & {
					clipPath: { id: string; rect: Record<string, string> };
					g: Record<string, string>;
				};
			};
			expect([svg.width, svg.height].sort()).deep.equal(['210mm', '297mm']);
			expect(svg.g['clip-path']).equal(`url(#${svg.clipPath.id})`);
			const { x, y, width, height } = svg.clipPath.rect;
			expect(Number(x)).closeTo(page.window.x, 1e-3);
			expect(-Number(y) - Number(height)).closeTo(page.window.y, 1e-3);
			expect(Number(width)).closeTo(page.window.width, 1e-3);
		}
	});
});
