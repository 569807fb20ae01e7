import { expect } from 'chai';
import fc from 'fast-check';
import { overlap } from '../../base/geometry/rect.ts';
import { cutPlan, type CutSheet } from './cut-plan.ts';
import { usualPaper } from '../../base/schemas/paper.ts';
import { planPaper } from './paper.ts';
import { cutSteps } from './cut-steps.ts';
import { stripPlan, type StripPlan } from './strip-plan.ts';

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
});

/** Cuts a roll by a plan as a hand does, each cut from edge to edge of the one piece it cuts; what comes off, by its letter. */
function replay({ strips, length }: StripPlan, rollWidth: number): Map<string, [number, number]> {
	const off = new Map<string, [number, number]>();
	let roll = length;
	for (const strip of strips) {
		const along = strip.to - strip.from;
		roll -= along;
		let across = rollWidth;
		let ripped = 0;
		for (const { from, to, sheets: of } of strip.columns) {
			expect(from).closeTo(ripped, 1e-6);
			across -= to - from;
			ripped = to;
			let column = along;
			let last = 0;
			for (const { id, width, height, cutAt } of of) {
				const part = (cutAt ?? along) - last;
				last = cutAt ?? along;
				column -= part;
				// What is cut off is never smaller than its sheet; the rest is trimmed from its far side.
				expect(part).closeTo(height, 1e-6);
				expect(to - from).least(width - 1e-6);
				off.set(id, [width, part]);
			}
			expect(column).least(-1e-6);
		}
		expect(across).least(-1e-6);
	}
	expect(roll).closeTo(0, 1e-6);
	return off;
}

describe('a plan of strips', () => {
	const plan = (of: CutSheet[], rotate = true) => {
		const found = stripPlan({ sheets: of, rollWidth: 900, trim: 10, rotate });
		if (!found.ok) throw new Error(found.error.message);
		return found.value;
	};

	it('is replayed by cuts from edge to edge alone, and every sheet comes off as large as it is', () => {
		const side = fc.integer({ min: 40, max: 700 });
		fc.assert(
			fc.property(
				fc.array(fc.tuple(side, side), { minLength: 1, maxLength: 14 }),
				fc.boolean(),
				(sizes, rotate) => {
					const of = sheets(...sizes);
					const found = plan(of, rotate);
					const off = replay(found, 900);
					for (const { id, width, height } of of) {
						const sides = off.get(id)!;
						const turned = rotate && Math.abs(sides[0] - width - 10) > 1e-6;
						expect(turned ? sides[1] : sides[0]).closeTo(width + 10, 1e-6);
						expect(turned ? sides[0] : sides[1]).closeTo(height + 10, 1e-6);
					}
					expect(off.size).equal(of.length);
					expect(found.placements).length(of.length);
					expect(found.length).least(cutPlanLength(of, rotate) - 1e-6);
				}
			),
			{ numRuns: 12 }
		);
	}).timeout(60_000);

	const cutPlanLength = (of: CutSheet[], rotate: boolean) => cut(of, 900, { rotate }).length;

	it('wastes nothing where strips of columns fit whole', () => {
		// Three strips of 290, 390 and 190 long, each as wide as the roll.
		const of = sheets([440, 280], [440, 280], [290, 380], [590, 180], [590, 190], [890, 180]);
		const found = plan(of, false);
		expect(found.length).closeTo(290 + 390 + 190, 1e-6);
		expect(found.strips.map(({ columns }) => columns.length).sort()).deep.equal([1, 2, 2]);
	});

	it('is told cut after cut, each from an edge that is there by then', () => {
		const [first, ...rest] = plan(sheets([590, 400], [290, 190], [280, 190]), false).strips;
		expect(rest).empty;
		expect(cutSteps(first!, 900)).deep.equal([
			'Pull out {410 mm} and cut right across.',
			'Cut it along at {600 mm} from its left edge.',
			's1, s2: cut across at {200 mm}, {400 mm} from its lower edge.',
			'Trim s2 to {290 mm} × {200 mm}.'
		]);
	});
});
