import { expect } from 'chai';
import { HIDDEN_KINDS, hiddenWall, tryTool } from './hidden-wall.ts';
import { claims, coverage, practiceScore, searchByAdvice, searchByQuarters } from './practice.ts';

describe('the interval of a stud', () => {
	it('holds the stud about nine times in ten on walls that are called known', () => {
		const { held, of, known } = coverage(160, 1);
		expect(known).above(100);
		expect(held / of).within(0.85, 0.96);
	}).timeout(20_000);
});

describe('the claim that studs are known', () => {
	it('is wrong no more often than it says, where corners and doors have studs of their own', () => {
		const { spacing, stud } = claims(60, 7);
		expect(spacing.of).above(50);
		// Within 3 points, and what 60 walls scatter by: 2 of 60 more.
		for (const { of, wrong, claimed } of [spacing, stud])
			expect(wrong / of).below(1 - claimed + 0.03 + 2 / 60);
	}).timeout(60_000);
});

describe('a hidden wall', () => {
	it('is the same for the same seed, with studs on its pitch', () => {
		for (const kind of HIDDEN_KINDS) {
			const wall = hiddenWall(5, 3600, kind);
			expect(wall).deep.equal(hiddenWall(5, 3600, kind));
			if (kind === 'odd') continue;
			for (const [index, x] of wall.studs.entries())
				expect(x).closeTo(wall.studs[0]! + index * wall.pitch, 25);
		}
		expect(hiddenWall(5, 3600)).not.deep.equal(hiddenWall(6, 3600));
	});

	it('answers a nail by its studs, and leaves a hole for nails only', () => {
		const wall = hiddenWall(9, 3600, '24 in');
		const [stud] = wall.studs as [number];
		const draw = () => 0.5;
		expect(tryTool(wall, 'nail', stud + 18, draw)).deep.include({ found: true, hole: true });
		expect(tryTool(wall, 'nail', stud + 20, draw).hint).deep.equal({ kind: 'miss', x: stud + 20 });
		expect(tryTool(wall, 'magnet', wall.screws[0]!, draw)).deep.include({
			found: true,
			hole: false
		});
		expect(tryTool(wall, 'magnet', stud + 300, draw).hint).equal(null);
		expect(tryTool(wall, 'knock', stud + 300, draw).found).equal(false);
	});
});

describe('searching by advice', () => {
	it('finds the studs of regular walls in far fewer nails than every quarter inch', () => {
		let [right, named] = [0, 0];
		for (const kind of ['16 in', '24 in', '450 mm', '600 mm', 'lath and plaster'] as const)
			for (const seed of [21, 22]) {
				const wall = hiddenWall(seed, 3600, kind);
				const { tries, estimate } = searchByAdvice(wall, seed);
				expect(tries.length).below(searchByQuarters(wall) / 2);
				expect(estimate!.known).equal(true);
				const score = practiceScore(
					wall,
					tries,
					estimate!.studs.map(({ x }) => x)
				);
				right += score.right;
				named += score.right + score.wrong;
			}
		expect(right / named).above(0.9);
	}).timeout(20_000);

	it('is scored by what was named, right and wrong', () => {
		const wall = hiddenWall(3, 2000, '16 in');
		const [first, second] = wall.studs as [number, number];
		const tries = [
			{ tool: 'nail', x: 5, found: false, hole: true },
			{ tool: 'knock', x: 5, found: false, hole: false }
		] as const;
		expect(practiceScore(wall, tries, [first + 4, second - 2, second + 200])).deep.equal({
			tries: 2,
			holes: 1,
			right: 2,
			wrong: 1,
			of: wall.studs.length,
			error: 3
		});
		expect(practiceScore(wall, [], []).error).equal(null);
	});

	it('counts a plain search by its quarter inches', () => {
		// Studs at 100 and 506.4: the last edge found is at 525.45, the 83rd quarter inch.
		const wall = { ...hiddenWall(1, 1000, '16 in'), studs: [100, 506.4] };
		expect(searchByQuarters(wall)).equal(83);
	});
});
