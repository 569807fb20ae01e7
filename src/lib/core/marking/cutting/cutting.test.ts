import { expect } from 'chai';
import fc from 'fast-check';
import { overlap } from '../../base/geometry/rect.ts';
import { cutPlan, type CutSheet } from './cut-plan.ts';
import { usualPaper } from '../../base/schemas/paper.ts';
import { crossCuts, planPaper } from './paper.ts';

const sheets = (...sizes: [number, number][]): CutSheet[] =>
	sizes.map(([width, height], index) => ({ id: `s${index}`, width, height }));
function cut(of: CutSheet[], rollWidth: number, { trim = 10, rotate = true } = {}) {
	const plan = cutPlan({ sheets: of, rollWidth, trim, rotate });
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
}

/** Cut from one full strip, so that nothing is wasted: the area over the width is the optimum; and a stack of equals. */
const KNOWN: [width: number, optimum: number, sizes: [number, number][]][] = [
	[
		750,
		1200,
		[
			[399, 189],
			[331, 348],
			[251, 740],
			[331, 571],
			[399, 730]
		]
	],
	[
		900,
		1400,
		[
			...([
				[657, 200],
				[208, 487],
				[194, 275],
				[156, 893],
				[229, 657]
			] as [number, number][]),
			...([
				[672, 236],
				[275, 350],
				[226, 439],
				[672, 241],
				[329, 275]
			] as [number, number][])
		]
	],
	// No two of them lie side by side: five times the shorter side.
	[600, 2100, Array.from({ length: 5 }, (): [number, number] => [410, 520])]
];

describe('cutPlan', () => {
	for (const [width, optimum, sizes] of KNOWN)
		it(`cuts ${sizes.length} sheets from a roll ${width} wide in ${optimum}, the least there is`, () => {
			expect(cut(sheets(...sizes), width).length).closeTo(optimum, 1e-6);
		});

	it('keeps every sheet on the roll, whole, with its trim, and none over another', () => {
		const side = fc.integer({ min: 40, max: 700 });
		fc.assert(
			fc.property(
				fc.array(fc.tuple(side, side), { minLength: 1, maxLength: 12 }),
				fc.boolean(),
				(sizes, rotate) => {
					const of = sheets(...sizes);
					const { placements, length } = cut(of, 900, { rotate });
					for (const [index, { x, y, width, height, rotated }] of placements.entries()) {
						const { width: wide, height: high } = of[index]!;
						expect(rotated ? [height, width] : [width, height]).deep.equal([wide + 10, high + 10]);
						expect(rotated && !rotate).equal(false);
						expect(x).least(-1e-9);
						expect(x + width).most(900 + 1e-9);
						expect(y).least(-1e-9);
						expect(y + height).most(length + 1e-9);
						for (const other of placements.slice(index + 1))
							expect(overlap({ x, y, width, height }, other, 1e-6)).equal(false);
					}
					const area = placements.reduce((sum, { width, height }) => sum + width * height, 0);
					expect(length).least(area / 900 - 1e-6);
				}
			),
			{ numRuns: 12 }
		);
	}).timeout(60_000);

	it('gives the same answer again, and refuses what cannot be cut', () => {
		const of = sheets([300, 400], [500, 200], [250, 250]);
		expect(cut(of, 700)).deep.equal(cut(of, 700));
		const refused = (change: object) => {
			const plan = cutPlan({ sheets: of, rollWidth: 700, trim: 10, rotate: true, ...change });
			return plan.ok ? '' : `${plan.error.code} ${plan.error.path}`;
		};
		expect(refused({ rollWidth: 0 })).equal('bad-size rollWidth');
		expect(refused({ trim: -1 })).equal('bad-size trim');
		expect(refused({ sheets: [] })).equal('no-sheets sheets');
		expect(refused({ sheets: sheets([300, NaN]) })).equal('bad-size sheets.0');
		expect(refused({ sheets: sheets([300, 400], [800, 900]) })).equal('wider-than-roll sheets.1');
		expect(refused({ sheets: sheets([800, 400]), rotate: false })).equal(
			'wider-than-roll sheets.0'
		);
		expect(refused({ sheets: sheets([800, 400]) })).equal('');
	});
});

describe('paper', () => {
	it('is cut two at a time where it is folded double, and its length counts twice', () => {
		const of = sheets([300, 400], [300, 400], [500, 600]);
		const plan = planPaper(of, { ...usualPaper, rollWidth: 620, trim: 10, double: true });
		if (!plan.ok) throw new Error(plan.error.message);
		const cuts = plan.value.rolls.map(({ folded, plan }) => [folded, plan.placements[0]!.id]);
		expect(cuts).deep.equal([
			[true, 's0 + s1'],
			[false, 's2']
		]);
		// 310 long folded double, and 510 as it lies.
		expect(plan.value.length).closeTo(2 * 310 + 510, 1e-6);
	});

	it('is cut across only where no sheet is', () => {
		const { placements, length } = cut(sheets([580, 200], [580, 300], [280, 200], [290, 150]), 600);
		const cuts = crossCuts({ placements, length });
		expect(cuts.length).least(2);
		for (const at of cuts)
			for (const { y, height } of placements)
				expect(at <= y + 1e-6 || at >= y + height - 1e-6).equal(true);
	});
});
