import { expect } from 'chai';
import { aboveFurniture } from './above-furniture.ts';
import { evenGaps, type Ends } from './even-gaps.ts';
import { stairRun } from './stair-run.ts';

/** Source: exact rational sums, made apart from this code. */
const CASES: {
	span: number;
	widths: number[];
	ends: Ends;
	start: number;
	gap: number;
	lefts: number[];
}[] = [
	{
		span: 3000,
		widths: [400, 400, 400],
		ends: 'gap',
		start: 0,
		gap: 450,
		lefts: [450, 1300, 2150]
	},
	{
		span: 3000,
		widths: [400, 400, 400],
		ends: 'half',
		start: 0,
		gap: 600,
		lefts: [300, 1300, 2300]
	},
	{ span: 2500, widths: [300, 500, 700], ends: 'flush', start: 0, gap: 500, lefts: [0, 800, 1800] },
	{
		span: 3600,
		widths: [333, 250, 410, 297],
		ends: 'half',
		start: 100,
		gap: 577.5,
		lefts: [388.75, 1299.25, 2126.75, 3114.25]
	},
	{ span: 1000, widths: [600], ends: 'flush', start: 0, gap: 0, lefts: [200] },
	{
		span: 3048,
		widths: [406.4, 508, 406.4],
		ends: 'gap',
		start: 0,
		gap: 431.8,
		lefts: [431.8, 1270, 2209.8]
	},
	{
		span: 2438.4,
		widths: [203.2, 203.2, 203.2, 203.2, 203.2],
		ends: 'flush',
		start: 0,
		gap: 355.6,
		lefts: [0, 558.8, 1117.6, 1676.4, 2235.2]
	}
];

describe('evenGaps', () => {
	it('agrees with sums in whole fractions', () => {
		for (const { gap, lefts, ...wanted } of CASES) {
			const found = evenGaps(wanted);
			if (!found.ok) throw new Error(found.error.message);
			expect(found.value.gap).closeTo(gap, 1e-6);
			for (const [index, left] of lefts.entries())
				expect(found.value.lefts[index]).closeTo(left, 1e-6);
		}
	});

	it('refuses what is too wide, nothing at all, and what is no size', () => {
		const code = (widths: number[], span = 1000) => {
			const found = evenGaps({ span, widths, ends: 'flush' });
			return found.ok ? 'fine' : found.error.code;
		};
		expect(code([600, 500])).equal('overflow');
		expect(code([500, 500])).equal('fine');
		expect(code([])).equal('no-pieces');
		expect(code([100, -5])).equal('out-of-range');
		expect(code([100], NaN)).equal('not-a-number');
	});
});

describe('a run up a stair', () => {
	it('climbs as the stairs do', () => {
		// By hand: 1450 + 560·180/280 = 1810; atan(180/280) = 32.735°; 1450·cos = 1219.709.
		const { angle, centres, perpendicular } = stairRun({
			rise: 180,
			going: 280,
			above: 1450,
			xs: [0, 560, 1120]
		});
		expect(angle).closeTo(32.7352262721076, 1e-9);
		expect(centres.map(({ y }) => y)).deep.equal([1450, 1810, 2170]);
		expect(perpendicular).closeTo(1219.7087892960026, 1e-6);
		expect(() => stairRun({ rise: 180, going: 0, above: 0, xs: [] })).throw(RangeError);
	});
});

describe('a group over furniture', () => {
	it('is two thirds to three quarters as wide, 150 to 200 mm above it', () => {
		// Common practice.
		const { width, bottom } = aboveFurniture({ x: 750, y: 0, width: 2100, height: 850 });
		expect(width.least).closeTo(1400, 1e-9);
		expect(width.most).closeTo(1575, 1e-9);
		expect(bottom).deep.equal({ least: 1000, most: 1050 });
	});
});
