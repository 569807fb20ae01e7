import { expect } from 'chai';
import { FRAMING_MM, HALF_STUD_MM } from '../../base/figures/studs.ts';
import { estimateStuds, type StudEstimate, type StudFacts } from './estimate.ts';
import { hitChance, missChance, pinnedTerm, termOf } from './evidence.ts';
import type { Hint } from './hint.ts';

const PITCH = 406.4;
const stud = (index: number) => 200 + index * PITCH;
const probe = (x: number, y: number | null = null): Hint => ({ kind: 'probe', x, y });
const layout = [0, 1, 2, 4].map((index) => probe(stud(index)));
const ask = (more: Partial<StudFacts> = {}) =>
	estimateStuds({ wallWidth: 3600, pitches: [PITCH], hints: layout, ...more });
const told = (more: Partial<StudFacts> = {}): StudEstimate => {
	const result = ask(more);
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
const refused = (more: Partial<StudFacts>) => {
	const result = ask(more);
	return result.ok ? null : [result.error.code, result.error.path];
};

describe('hints that are no clue to a layout', () => {
	const cornered = { corners: true, hints: [probe(FRAMING_MM / 2)] };

	it('are told apart from none at all', () => {
		const message = (more: Partial<StudFacts>) => {
			const result = ask(more);
			return result.ok ? '' : result.error.message;
		};
		expect(refused({ hints: [] })![0]).equal('no-hints');
		expect(refused(cornered)![0]).equal('no-hints');
		expect(message(cornered)).not.equal(message({ hints: [] }));
	});

	it('are set aside beside a corner or an opening, and do not count as fitting badly', () => {
		// Forty millimetres off the layout, in the corner.
		const at = stud(8) + 40;
		const off = told({ corners: true, wallWidth: at + 10, hints: [...layout, probe(at)] });
		expect(off.setAside).deep.equal([4]);
		expect(off.outliers).deep.equal([]);
		expect(off.studs[0]!.x).closeTo(stud(0), 0.2);
		expect(off.confidence).closeTo(told({ wallWidth: at + 10, corners: true }).confidence, 1e-9);
	});

	it('still prove a stud of which they are both edges', () => {
		const edges: Hint = { kind: 'edges', left: 10, right: 48 };
		const { studs } = told({ corners: true, hints: [edges] });
		expect(studs).have.length(1);
		expect(studs[0]).include({ x: 29, proven: true, missed: false, pinned: false });
	});
});

describe('a nail that met nothing', () => {
	it('marks its own stud and no other', () => {
		const { studs } = told({ hints: [...layout, { kind: 'miss', x: stud(1) }] });
		expect(studs.filter(({ missed }) => missed).map(({ x }) => Math.round(x))).deep.equal([606]);
	});

	it('is the only hint that marks one, however badly another fits', () => {
		// Four spreads beside the middle of its stud, and still within its wood.
		const odd = told({ hints: [...layout, probe(stud(1) + 18)] });
		expect(odd.outliers).deep.equal([4]);
		expect(odd.studs.some(({ missed }) => missed)).equal(false);
	});

	it('marks the stud that leans to it at its height', () => {
		// Ten millimetres to the right each metre up; places are told at the middle height, 1200 mm.
		const at = (index: number, y: number) => stud(index) + ((y - 1200) * 10) / 1000;
		const leaning = [0, 2, 4].flatMap((index) => [
			probe(at(index, 200), 200),
			probe(at(index, 2200), 2200)
		]);
		const straight = told({ hints: leaning });
		// A little is put down to the readings, since walls are mostly plumb.
		expect(straight.lean!.perMetre).within(7.5, 10);
		expect(straight.outliers).deep.equal([]);
		expect(straight.studs[1]!.x).closeTo(stud(1), 2);
		const marked = (x: number, y: number) =>
			told({ hints: [...leaning, { kind: 'miss', x, y }] }).studs[1]!.missed;
		expect(marked(at(1, 2400), 2400)).equal(true);
		expect(marked(at(1, 2400) - 24, 2400)).equal(false);
	});
});

describe('a stretch beyond a door', () => {
	const door = [1500, 2400] as const;

	it('is told nothing by studs that are certain on this side of it', () => {
		const far = told({ openings: [door], pinned: [stud(1)] }).studs.filter(({ x }) => x > door[1]);
		expect(far).deep.equal([]);
	});

	it('has a layout of its own, and each makes the whole less certain', () => {
		// Two sounds half a bay apart: either may be the stud.
		const beyond = [2600, 2600 + PITCH / 2].map((x): Hint => ({ kind: 'knock', x }));
		const one = told({ openings: [door], hints: [...layout.slice(0, 2)] }).confidence;
		const both = told({ openings: [door], hints: [...layout.slice(0, 2), ...beyond] });
		expect(both.confidence).within(0.3 * one, 0.7 * one);
		expect(both.studs.some(({ x }) => x > door[1])).equal(true);
	});
});

describe('a hint off the wall', () => {
	it('is refused, and one at its very end is not', () => {
		expect(refused({ hints: [...layout, probe(-0.1)] })).deep.equal(['hint-outside', 'hints.4']);
		expect(refused({ hints: [...layout, probe(3600.1)] })).deep.equal(['hint-outside', 'hints.4']);
		expect(refused({ hints: [...layout, probe(0), probe(3600)] })).equal(null);
	});

	it('is refused with either edge that is no number', () => {
		const edges = (left: number, right: number): Hint => ({ kind: 'edges', left, right });
		expect(refused({ hints: [edges(NaN, 100)] })).deep.equal(['not-a-number', 'hints.0']);
		expect(refused({ hints: [edges(100, NaN)] })).deep.equal(['not-a-number', 'hints.0']);
	});
});

describe('edges that were found one after the other', () => {
	const left = (x: number): Hint => ({ kind: 'edge-left', x });
	const right = (x: number): Hint => ({ kind: 'edge-right', x });
	const found = (...hints: Hint[]) =>
		told({ hints: [...layout, ...hints] })
			.studs.filter(({ proven }) => proven)
			.map(({ x }) => Math.round(x));

	it('are one stud with the nearest left edge before the right one', () => {
		const at = stud(6);
		expect(found(left(at - 19), left(at - 300), right(at + 19))).deep.equal([Math.round(at)]);
		expect(found(left(at - 300), left(at - 19), right(at + 19))).deep.equal([Math.round(at)]);
		expect(found(left(at + 200), left(at - 19), right(at + 19))).deep.equal([Math.round(at)]);
	});

	it('need a left edge: a nail that hit is none, nor a right edge a left one', () => {
		const at = stud(6);
		expect(found({ kind: 'hit', x: at - 19 }, right(at + 19))).deep.equal([]);
		expect(found(left(at - 19), { kind: 'hit', x: at + 19 })).deep.equal([]);
	});
});

describe('what a tool says', () => {
	it('is on either side of a corner or a box, and of each stud of a doubled one', () => {
		expect(termOf({ kind: 'corner', x: 500 })).deep.include({
			at: [500 - HALF_STUD_MM, 500 + HALF_STUD_MM]
		});
		expect(termOf({ kind: 'box', left: 500, right: 560 })).deep.include({
			at: [500 - HALF_STUD_MM, 560 + HALF_STUD_MM]
		});
		expect(termOf({ kind: 'edges', left: 500, right: 560 })).deep.include({ at: [530] });
		expect(termOf({ kind: 'edges', left: 500, right: 561 })).deep.include({
			at: [500 + HALF_STUD_MM, 561 - HALF_STUD_MM]
		});
		expect(pinnedTerm(700)).deep.include({ at: [700] });
	});

	it('is likelier of a nail the nearer it is to the middle', () => {
		// At the very edge a nail meets wood half of the time, and reports a miss as often; 3 mm beside it, one spread off.
		expect(missChance(HALF_STUD_MM)).closeTo(0.02 + 0.98 * 0.5, 1e-6);
		expect(missChance(-HALF_STUD_MM - 3)).closeTo(0.02 + 0.98 * 0.8413447, 1e-6);
		expect(missChance(0)).closeTo(0.02, 1e-6);
		expect(hitChance(HALF_STUD_MM)).closeTo(0.01 + 0.98 * 0.5, 1e-6);
	});
});

describe('a stud that one nail met and another missed', () => {
	it('is as uncertain as a plain sum over its places says, and no more certain to one side', () => {
		for (const way of [-1, 1]) {
			const [hit, miss] = [1000, 1000 + way * 25];
			const { studs, confidence } = told({
				hints: [
					{ kind: 'hit', x: hit },
					{ kind: 'miss', x: miss }
				]
			});
			const places = Array.from({ length: 4064 }, (_, index) => hit - PITCH / 2 + index / 10);
			const weighed = places.map((x) => ({ x, w: hitChance(hit - x) * missChance(miss - x) }));
			const peak = weighed.reduce((a, b) => (b.w > a.w ? b : a)).x;
			const near = weighed.filter(({ x }) => Math.abs(x - peak) <= 60);
			const total = near.reduce((sum, { w }) => sum + w, 0);
			const mean = near.reduce((sum, { x, w }) => sum + x * w, 0) / total;
			const variance = near.reduce((sum, { x, w }) => sum + (x - mean) ** 2 * w, 0) / total;
			const found = studs.find(({ x }) => Math.abs(x - hit) < 60)!;
			expect(found.x).closeTo(peak, 0.6);
			// Its own spread about the layout, 3 mm, is added as a square.
			expect(found.sd).closeTo(Math.sqrt(variance + 9), 0.05);
			const all = weighed.reduce((sum, { w }) => sum + w, 0);
			expect(confidence).closeTo(total / all, 0.01);
		}
	});
});
