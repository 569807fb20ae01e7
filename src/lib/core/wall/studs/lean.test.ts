import { expect } from 'chai';
import { termOf } from './evidence.ts';
import { fitHints } from './estimate.ts';
import type { Hint } from './hint.ts';
import { leanAt } from './lean.ts';
import { fitPitches, spreadOfPhase } from './posterior.ts';

const BAY = 406.4;
/** Edges of some studs found at two heights, the upper ones so far to the right. */
const leaning = (right: number, [low, high]: [number, number], studs = 4): Hint[] =>
	Array.from({ length: studs }, (_, k) => 200 + k * BAY).flatMap((x) => [
		{ kind: 'edges' as const, left: x - 19, right: x + 19, y: low },
		{ kind: 'edges' as const, left: x + right - 19, right: x + right + 19, y: high }
	]);
const leanOf = (hints: Hint[]) => {
	const fitted = fitHints({ wallWidth: 3000, hints, pitches: [BAY] });
	if (!fitted.ok) throw new Error(fitted.error.message);
	return fitted.value.lean;
};

describe('studs that lean', () => {
	it('stand so many mm a metre to the right above the height they are told for', () => {
		expect(leanAt({ perMetre: 5, at: 1000 }, 3000)).equal(10);
		expect(leanAt({ perMetre: 5, at: 1000 }, 500)).equal(-2.5);
		expect(leanAt({ perMetre: 5, at: 1000 }, 0)).equal(-5);
		expect(leanAt({ perMetre: 5, at: 1000 }, null)).equal(0);
		expect(leanAt({ perMetre: 5, at: 1000 }, undefined)).equal(0);
	});

	it('are found to lean to the side they lean to, about the middle height', () => {
		expect(leanOf(leaning(12, [100, 2100]))).deep.equal({ perMetre: 5.5, at: 1100 });
		expect(leanOf(leaning(-12, [100, 2100]))).deep.equal({ perMetre: -5.5, at: 1100 });
	});

	it('are plumb where the hints are, or nearly', () => {
		expect(leanOf(leaning(0, [100, 2100]))).equal(null);
		expect(leanOf(leaning(2, [100, 2100]))).equal(null);
	});

	it('are told to lean from hints 600 mm apart or more, four of them or more', () => {
		expect(leanOf(leaning(8, [100, 700], 7))).not.equal(null);
		expect(leanOf(leaning(8, [100, 699], 7))).equal(null);
		expect(leanOf(leaning(20, [100, 2100], 2))).not.equal(null);
		expect(leanOf(leaning(20, [100, 2100], 2).slice(0, 3))).equal(null);
		expect(leanOf(leaning(12, [100, 2100]).map((hint) => ({ ...hint, y: null })))).equal(null);
	});

	it('lean no more than 12 mm a metre', () => {
		expect(leanOf(leaning(40, [100, 2100]))?.perMetre).most(12);
	});
});

describe('what is known of a layout', () => {
	const probe = termOf({ kind: 'probe', x: 200 });
	const wall = { left: 0, right: 3000 };

	it('is where its studs are as well as its one hint tells, which may be of something else', () => {
		const [fit] = fitPitches([BAY], [{ segment: wall, terms: [probe] }]);
		const [segment] = fit!.segments;
		expect(segment).include({ hints: 1, phase: 200 });
		const { sd, share } = spreadOfPhase(segment!, BAY);
		// Its tool’s 3 mm and the build’s; one in twenty is of no stud, so that it may be anywhere, 60 mm to either side.
		const [own, other] = [0.95, (0.05 * 120) / BAY];
		const spread = (own * (3 ** 2 + 3 ** 2) + (other * 60 ** 2) / 3) / (own + other);
		expect(sd).closeTo(Math.sqrt(spread), 0.1);
		expect(share).closeTo(own + other, 0.01);
	});

	it('is nothing without a hint: any phase is as likely', () => {
		const [fit] = fitPitches([BAY], [{ segment: wall, terms: [] }]);
		const [segment] = fit!.segments;
		expect(Math.min(...segment!.chances)).closeTo(Math.max(...segment!.chances), 1e-12);
		expect(segment!.chances.reduce((a, b) => a + b, 0)).closeTo(1, 1e-9);
		expect(spreadOfPhase(segment!, BAY).share).closeTo(120 / BAY, 0.01);
	});

	it('weighs each spacing by its odds beforehand, the best first', () => {
		const stretch = [{ segment: wall, terms: [probe] }];
		const usual = [
			{ pitch: 400, odds: 1 },
			{ pitch: BAY, odds: 3 }
		];
		const fits = fitPitches([400, BAY], stretch, usual);
		expect(fits.map(({ pitch }) => pitch)).deep.equal([BAY, 400]);
		// One hint tells nothing of the spacing: three to one remains.
		expect(fits[0]!.chance).closeTo(0.75, 0.01);
		expect(fits[0]!.chance + fits[1]!.chance).closeTo(1, 1e-12);
		expect(fits[0]!.logMax - fits[1]!.logMax).closeTo(Math.log((3 * BAY) / 400), 0.01);
	});

	it('adds up over stretches, each with a phase of its own', () => {
		const left = { segment: { left: 0, right: 1000 }, terms: [probe] };
		const right = {
			segment: { left: 2000, right: 3000 },
			terms: [termOf({ kind: 'probe', x: 2300 })]
		};
		const [both] = fitPitches([BAY], [left, right]);
		const [alone] = fitPitches([BAY], [left]);
		expect(both!.segments.map(({ phase }) => phase)).deep.equal([
			200,
			Math.round((2300 % BAY) * 10) / 10
		]);
		expect(both!.logMax).closeTo(2 * alone!.logMax, 1e-6);
	});
});
