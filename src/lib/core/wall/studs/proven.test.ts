import { expect } from 'chai';
import { estimateStuds, type StudEstimate, type StudFacts } from './estimate.ts';
import type { Hint } from './hint.ts';

const BAY = 406.4;
/** Middles found on bays of 16 in from 200. */
const layout: Hint[] = [0, 1, 2].map((k) => ({ kind: 'probe', x: 200 + k * BAY }));
const told = (facts: Partial<StudFacts>): StudEstimate => {
	const result = estimateStuds({ wallWidth: 3600, hints: layout, pitches: [BAY], ...facts });
	if (!result.ok) throw new Error(result.error.message);
	return result.value;
};
/** What is told of studs within 100 mm of a place. */
const near = (x: number, facts: Partial<StudFacts>) =>
	told(facts).studs.filter((stud) => Math.abs(stud.x - x) <= 100);
const edges = (middle: number, wide = 38): Hint => ({
	kind: 'edges',
	left: middle - wide / 2,
	right: middle + wide / 2
});

/** Where the layout has its fifth stud, away from the hints. */
const FIFTH = 200 + 4 * BAY;

describe('a stud that a person is certain of', () => {
	it('takes the place of the layout’s own within 60 mm, and stands beside one farther off', () => {
		const [pinned, ...others] = near(FIFTH, { pinned: [FIFTH + 59] });
		expect(others).deep.equal([]);
		expect(pinned).deep.include({ pinned: true, proven: true, missed: false, chance: 1, sd: 1.5 });
		expect(pinned!.x).equal(FIFTH + 59);
		// A layout may follow the pin by a little, so that the next one is farther off than at its limit.
		expect(near(FIFTH, { pinned: [FIFTH + 70] })).lengthOf(2);
	});

	it('is told among the others from left to right', () => {
		const xs = told({ pinned: [3000, 300] }).studs.map(({ x }) => x);
		expect(xs).deep.equal(xs.toSorted((a, b) => a - b));
		expect(xs).include.members([300, 3000]);
	});
});

describe('a stud of which both edges were found', () => {
	it('proves the layout’s own where it agrees', () => {
		const [stud, ...others] = near(FIFTH, { hints: [...layout, edges(FIFTH + 4)] });
		expect(others).deep.equal([]);
		expect(stud).deep.include({ proven: true, pinned: false });
		expect(stud!.sd).above(3);
	});

	it('is a stud of its own where the layout has none within 8 mm', () => {
		const found = near(FIFTH, { hints: [...layout, edges(FIFTH + 40)] });
		expect(found).lengthOf(1);
		expect(found[0]).deep.include({ x: FIFTH + 40, sd: 3, chance: 1, proven: true, pinned: false });
		expect(near(FIFTH, { hints: [...layout, edges(FIFTH + 80)] })).lengthOf(2);
	});

	it('gives way to one that a person is certain of', () => {
		const found = near(FIFTH, { hints: [...layout, edges(FIFTH + 40)], pinned: [FIFTH + 20] });
		expect(found.map(({ x, pinned }) => [x, pinned])).deep.equal([[FIFTH + 20, true]]);
	});

	it('is as wide as a stud is, 28 to 60 mm, and else two things', () => {
		const own = (wide: number) =>
			near(FIFTH, { hints: [...layout, edges(FIFTH + 40, wide)] }).some(
				({ x, proven }) => proven && x === FIFTH + 40
			);
		expect([27.9, 28, 60, 60.1].map(own)).deep.equal([false, true, true, false]);
	});

	it('may be found edge by edge, from the nearest left edge', () => {
		const one = (...hints: Hint[]) =>
			near(FIFTH, { hints: [...layout, ...hints] }).find(({ proven }) => proven)?.x;
		const left = (x: number): Hint => ({ kind: 'edge-left', x });
		const right = (x: number): Hint => ({ kind: 'edge-right', x });
		expect(one(left(FIFTH + 21), right(FIFTH + 59))).equal(FIFTH + 40);
		expect(one(right(FIFTH + 59), left(FIFTH + 21), left(FIFTH - 200))).equal(FIFTH + 40);
		expect(one(right(FIFTH + 59))).equal(undefined);
		expect(one(left(FIFTH + 59), right(FIFTH + 21))).equal(undefined);
	});
});

describe('a nail that met nothing where a stud should be', () => {
	it('marks that stud as missed, within half of its width', () => {
		const missed = (off: number) =>
			near(FIFTH, { hints: [...layout, { kind: 'miss', x: FIFTH + off }] })[0]!.missed;
		expect(missed(0)).equal(true);
		expect(missed(-9)).equal(true);
		expect(missed(60)).equal(false);
	});

	it('is among the hints that fit badly, and no other is', () => {
		const { outliers } = told({ hints: [...layout, { kind: 'miss', x: FIFTH }] });
		expect(outliers).deep.equal([3]);
		expect(told({}).outliers).deep.equal([]);
	});
});

describe('what a layout says', () => {
	it('has a stud wherever a bay ends, within each stretch where something was found', () => {
		expect(told({}).studs.map(({ x }) => Math.round(x * 10) / 10)).deep.equal(
			Array.from({ length: 9 }, (_, k) => Math.round((200 + k * BAY) * 10) / 10)
		);
		// Beyond the opening nothing was found: nothing is told there.
		const parted = told({ openings: [[1800, 2700]] }).studs.map(({ x }) => x);
		expect(Math.max(...parted)).below(1800);
		expect(parted).lengthOf(4);
	});

	it('counts half on a stud beside a corner, where the framing may stand in for it', () => {
		const hints: Hint[] = [1, 2, 3].map((k) => ({ kind: 'probe', x: 100 + k * BAY }));
		const [plain] = told({ hints }).studs;
		const [corner] = told({ hints, corners: true }).studs;
		expect(plain!.x).closeTo(100, 1);
		expect(corner!.chance).closeTo(plain!.chance / 2, 1e-9);
	});

	it('tells the other spacings, how far behind each is, and a near tie as such', () => {
		const all = told({ hints: layout, pitches: [400, BAY, 600] });
		expect(all.pitch).equal(BAY);
		expect(all.alternatives.map(({ pitch }) => pitch)).have.members([400, 600]);
		for (const { behind, chance } of all.alternatives) {
			expect(behind).above(0);
			expect(chance).within(0, 1);
		}
		expect(all.nearTie).equal(false);
		expect(told({ hints: layout.slice(0, 1), pitches: [400, BAY] }).nearTie).equal(true);
		expect(told({}).nearTie).equal(false);
	});

	it('is known from a chance of nine in ten', () => {
		for (const hints of [layout, layout.slice(0, 2), layout.slice(0, 1)]) {
			const { known, confidence } = told({ hints, pitches: [400, BAY, 450, 600] });
			expect(known).equal(confidence >= 0.9);
		}
		expect(told({ hints: layout.slice(0, 1), pitches: [400, BAY, 450, 600] }).known).equal(false);
		expect(told({}).known).equal(true);
	});
});
