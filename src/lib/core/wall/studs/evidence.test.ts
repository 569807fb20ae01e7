import { HALF_STUD_MM } from '../../base/figures/studs.ts';
import { expect } from 'chai';
import fc from 'fast-check';
import { hitChance, missChance, termOf, toNearest } from './evidence.ts';
import { estimateStuds } from './estimate.ts';
import { PITCHES } from './layouts.ts';
import { HINT_KINDS, HINT_WORDS, moved, POINT_HINTS, spanOf, type Hint } from './hint.ts';
import { hintSchema } from './kept-hint.ts';
import { likelihoodsOf } from './likelihood.ts';
import { nextProbe } from './next-probe.ts';
import { normalDensity } from './normal.ts';
import { besideFraming, segmentsOf } from './segments.ts';
import { woodCurve } from './curve.ts';

/** Standard deviation of a tool and of the build together, by hand. */
const with3 = (tool: number) => Math.sqrt(tool ** 2 + 9);

describe('what a hint says', () => {
	it('is near the middle of a stud, as sharply as its tool tells', () => {
		const spreads: [Hint, number[], number][] = [
			[{ kind: 'knock', x: 100 }, [100], 25],
			[{ kind: 'magnet', x: 100 }, [100], 10],
			[{ kind: 'probe', x: 100 }, [100], 3],
			[{ kind: 'edge-left', x: 100 }, [119.05], 3],
			[{ kind: 'edge-right', x: 100 }, [80.95], 3],
			[{ kind: 'edges', left: 80, right: 120 }, [100], 3 / Math.SQRT2],
			// More than 60 apart: two studs side by side.
			[{ kind: 'edges', left: 80, right: 160 }, [99.05, 140.95], 3],
			[{ kind: 'box', left: 600, right: 655 }, [580.95, 674.05], 5]
		];
		for (const [hint, at, tool] of spreads) {
			const term = termOf(hint);
			if (term.says !== 'near') throw new Error('not near');
			expect(term.at.map((x) => Math.round(x * 100) / 100)).deep.equal(at);
			expect(term.spread).closeTo(with3(tool), 1e-9);
			expect(term.outlier).equal(0.05);
		}
	});

	it('is weak at a corner, and on or off wood for a nail', () => {
		expect(termOf({ kind: 'corner', x: 0 })).deep.include({ says: 'near', outlier: 0.5 });
		expect(termOf({ kind: 'hit', x: 7 })).deep.equal({ says: 'on', at: 7, fooled: 0.01 });
		expect(termOf({ kind: 'miss', x: 7 })).deep.equal({ says: 'off', at: 7 });
		expect(termOf({ kind: 'hit', x: 7 }, 0.12)).deep.include({ fooled: 0.12 });
	});

	it('has a name and a sentence for every tool, and keeps its schema', () => {
		for (const kind of HINT_KINDS) {
			expect(HINT_WORDS[kind].name).not.equal('');
			expect(HINT_WORDS[kind].tells).match(/\.$/);
			const hint = (POINT_HINTS as readonly string[]).includes(kind)
				? { id: 'a', y: null, kind, x: 5 }
				: { id: 'a', y: 3, kind, left: 5, right: 9 };
			expect(hintSchema.parse(hint)).deep.equal(hint);
		}
	});

	it('moves whole', () => {
		expect(moved({ kind: 'hit', x: 5, y: 10 }, 2, -3)).deep.equal({ kind: 'hit', x: 7, y: 7 });
		expect(moved({ kind: 'box', left: 5, right: 9 }, -1, 4)).deep.equal({
			kind: 'box',
			left: 4,
			right: 8
		});
		expect(spanOf({ kind: 'edges', left: 5, right: 9 })).deep.equal([5, 9]);
	});
});

describe('the chance that a nail meets wood', () => {
	it('is near certain within the stud, even at its edge, and almost none beside it', () => {
		expect(hitChance(0)).closeTo(0.99, 1e-3);
		expect(hitChance(HALF_STUD_MM)).closeTo(0.5, 0.01);
		expect(hitChance(60)).closeTo(0.01, 1e-6);
		expect(hitChance(60, 0.12)).closeTo(0.12, 1e-6);
		expect(missChance(0)).closeTo(0.02, 1e-6);
		expect(missChance(60)).closeTo(1, 1e-6);
		for (let r = 0; r < 40; r++) expect(hitChance(r + 1)).at.most(hitChance(r));
	});
});

describe('likelihoods from a table', () => {
	it('agree with the formula itself', () => {
		const x = 733;
		for (const pitch of PITCHES) {
			const log = likelihoodsOf(pitch).of([
				termOf({ kind: 'magnet', x }),
				termOf({ kind: 'box', left: 300, right: 370 }),
				termOf({ kind: 'miss', x: 55 })
			]);
			for (const phase of [0, 17.3, 201.9, 399.7]) {
				const near = (at: number, sd: number) =>
					[-3, -2, -1, 0, 1, 2, 3].reduce(
						(sum, k) => sum + normalDensity(at - phase - k * pitch, with3(sd)),
						0
					);
				const magnet = 0.95 * pitch * near(x, 10) + 0.05;
				const box = 0.95 * pitch * 0.5 * (near(280.95, 5) + near(389.05, 5)) + 0.05;
				const miss = missChance(toNearest(55 - phase, pitch));
				expect(log.at(phase)).closeTo(Math.log(magnet * box * miss), 2e-3);
			}
			const step = pitch / 100;
			const along = log.along(100, step);
			for (const index of [0, 31, 99]) expect(along[index]).closeTo(log.at(index * step), 1e-6);
		}
	});
});

describe('stretches between openings', () => {
	it('are what openings leave, however these lie', () => {
		const told = (openings: [number, number][]) =>
			segmentsOf(1000, openings).map(({ left, right }) => [left, right]);
		expect(told([])).deep.equal([[0, 1000]]);
		expect(told([[200, 300]])).deep.equal([
			[0, 200],
			[300, 1000]
		]);
		expect(
			told([
				[700, 1200],
				[-50, 100],
				[80, 250]
			])
		).deep.equal([[250, 700]]);
		expect(told([[0, 1000]])).deep.equal([]);
	});

	it('leave out what lies within 120 mm of a corner or an opening', () => {
		const beside = (a: number, b = a) =>
			besideFraming([a, b], { wallWidth: 3000, corners: true, openings: [[400, 900]] });
		expect([beside(280), beside(279), beside(1021, 1060)]).deep.equal([true, false, false]);
		expect([beside(119), beside(2881), beside(2880)]).deep.equal([true, true, false]);
		expect(besideFraming([20, 20], { wallWidth: 3000 })).equal(false);
	});
});

const anyHint = fc.oneof(
	fc.record({
		kind: fc.constantFrom(...POINT_HINTS),
		x: fc.double({ min: 0, max: 3000, noNaN: true })
	}),
	fc
		.record({
			kind: fc.constantFrom('edges' as const, 'box' as const),
			left: fc.double({ min: 0, max: 2900, noNaN: true }),
			wide: fc.double({ min: 0.1, max: 100, noNaN: true })
		})
		.map(({ kind, left, wide }) => ({ kind, left, right: left + wide }))
);

describe('any hints at all', () => {
	it('give finite studs on the wall, chances between 0 and 1, and never a false certainty', () => {
		fc.assert(
			fc.property(fc.array(anyHint, { minLength: 1, maxLength: 8 }), (hints) => {
				const result = estimateStuds({ wallWidth: 3000, hints: hints as Hint[] });
				if (!result.ok) throw new Error(result.error.message);
				const { studs, confidence, known, alternatives } = result.value;
				expect(confidence).within(0, 1 + 1e-9);
				expect(known).equal(confidence >= 0.9);
				for (const { x, sd, chance } of studs) {
					expect(x).within(0, 3000);
					expect(sd).within(3, 200);
					expect(chance).within(0, 1);
				}
				for (const { behind } of alternatives) expect(behind).at.least(0);
				for (const { gain } of nextProbe({ wallWidth: 3000, hints: hints as Hint[] }))
					expect(gain).within(0, 1);
			}),
			{ numRuns: 25 }
		);
	}).timeout(20_000);
});

describe('the curve of chances', () => {
	it('peaks at the studs and is low between them', () => {
		const hints: Hint[] = [200, 606.4, 1012.8, 1825.6].map((x) => ({ kind: 'probe', x }));
		const curve = woodCurve({ wallWidth: 2400, hints });
		if (!curve.ok) throw new Error(curve.error.message);
		const at = (x: number) => curve.value.find((point) => point.x === x)!.y;
		expect(at(1420)).above(0.9);
		expect(at(1215)).below(0.05);
		expect(curve.value.at(-1)!.x).equal(2400);
		expect(woodCurve({ wallWidth: 0, hints }).ok).equal(false);
	});
});
