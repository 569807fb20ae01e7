import { expect } from 'chai';
import fc from 'fast-check';
import { usualHouseRules } from '../../model/index.ts';
import { hangerOf, hangers, tiltAtPoints, tiltOf, type Back, type HangSolution } from './index.ts';
import { levelAtPoints, levelByTooth, slideOnWire } from './level.ts';
import { readDrop } from './rigid.ts';
import { framedPiece } from './piece.kit.test.ts';

const piece = framedPiece(500, 400, {
	weight: 40,
	glazed: true,
	frame: { width: 30, material: 'hardwood' }
});
const start = (kind: Back['kind'], more: object = {}): Back =>
	({ ...hangerOf({ kind, assumed: [] }).start(piece), ...more }) as Back;
const solved = (back: Back, on = piece) => {
	const hung = hangerOf(back).solve(back, on, usualHouseRules);
	if (!hung.ok) throw new Error(hung.error.message);
	return hung.value;
};
const levelled = (back: Back, tilt: number) =>
	hangerOf(back).levelStep(tilt, back, piece, solved(back));

describe('a piece on its wire, off level', () => {
	it('is told to slide towards its high side', () => {
		const step = levelled(start('wire-two'), 1);
		expect(step.does).equal('slide');
		expect(step.side).equal('right');
		expect(step.by).above(2);
		expect(levelled(start('wire-one'), -1).side).equal('left');
	});
});

describe('what levels a piece', () => {
	it('is one point lower on rigid points: S·m/B', () => {
		// Ring span, frame width, level error, correction. Source: S·sin(tilt), by energy minimisation.
		for (const [ringSpan, width, error, by] of [
			[400, 500, 3, 2.4],
			[250, 900, 4, 1.111111],
			[609.6, 914.4, 4.7625, 3.175]
		] as const) {
			const back = start('rings', { ringSpan });
			const on = { ...piece, width };
			const step = hangerOf(back).levelStep(tiltOf(error, width), back, on, solved(back, on));
			expect(step).include({ does: 'point', side: 'right' });
			expect(step.by).closeTo(by, 1e-5);
			expect(step.says).contain('Lower the right hook');
		}
	});

	it('undoes just what one hook is too high, whatever the error and the span', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 100, max: 450, noNaN: true }),
				fc.double({ min: 0.5, max: 30, noNaN: true }),
				fc.boolean(),
				(ringSpan, error, right) => {
					const back = start('rings', { ringSpan });
					const tilt = tiltAtPoints(solved(back), right ? error : -error);
					const step = levelled(back, tilt);
					expect(step.by).closeTo(error, 1e-6);
					expect(step.side).equal(right ? 'right' : 'left');
				}
			)
		);
	});

	it('is the next tooth towards the low side, and only bumpers within half a tooth', () => {
		const back = start('sawtooth', { toothPitch: 6 });
		// The mass hangs 200 - 12 mm below: 6 mm off is 1.83°.
		const off = (mm: number) => (Math.atan(mm / 188) * 180) / Math.PI;
		expect(levelled(back, off(6))).deep.include({
			...{ does: 'tooth', side: 'left', by: 1, moves: 6 },
			answer: { key: 'tooth', answer: '-1' }
		});
		expect(levelled(back, -off(13)).says).contain('2 teeth further right');
		expect(levelled(back, off(2)).does).equal('turn');
	});

	it('is told by every way to hang, for both sides, with a size', () => {
		for (const { kind } of hangers) {
			const back = start(kind);
			for (const tilt of [-1.2, 1.2]) {
				const step = levelled(back, tilt);
				expect(step.by, kind).above(0);
				expect(step.says, kind).match(/\{|tooth|hand/);
				expect(levelled(back, -tilt).side, kind).not.equal(step.side);
			}
		}
	});
});

describe('two rings that are not level with each other', () => {
	it('are two points all the same, of which one is set lower', () => {
		const back = start('rings', { ringSpan: 300, ringDrop: 100, rightDrop: 101.5 });
		const right = levelled(back, 0.6);
		// 300 mm · sin 0.6° = 3.14 mm.
		expect(right).deep.include({ does: 'point', side: 'right' });
		expect(right.by).closeTo(3.14, 0.005);
		expect(right.says).match(/^Lower the right hook/);
		expect(levelled(back, -0.6).says).match(/^Lower the left hook/);
		expect(tiltAtPoints(solved(back), 3.14)).closeTo(0.6, 0.001);
	});

	it('are measured between their outermost hooks, whatever else holds lower down', () => {
		const step = levelled(start('security'), 0.5);
		const xs = solved(start('security')).points.map(({ x }) => x);
		expect(step.does).equal('point');
		expect(step.by).closeTo((Math.max(...xs) - Math.min(...xs)) * Math.sin(Math.PI / 360), 1e-6);
	});
});

describe('where a piece is turned, set or slid', () => {
	const hung = (points: [name: string, x: number, drop: number][]): HangSolution => ({
		points: points.map(([name, x, drop]) => ({ name, x, drop: readDrop(name, drop), load: null })),
		cautions: [],
		heldLevelBy: ''
	});
	const step = (tilt: number, points: [string, number, number][]) =>
		levelAtPoints(tilt, hung(points), piece);

	it('is the upper of two above each other at either end', () => {
		const four: [string, number, number][] = [
			['lower left', -200, 300],
			['upper left', -200, 40],
			['lower right', 200, 300],
			['upper right', 200, 40]
		];
		expect(step(1, four).says).contain('upper right');
		expect(step(-1, four).says).contain('upper left');
		expect(step(1, four.toReversed()).says).contain('upper right');
		expect(step(-1, four.toReversed()).says).contain('upper left');
	});

	it('is beside where two points lie rather above each other, and one lower at 45°', () => {
		const two = (across: number): [string, number, number][] => [
			['upper', 0, 40],
			['lower', across, 140]
		];
		expect(step(1, two(99)).sets).include({ index: 1, up: 0 });
		expect(step(1, two(100))).not.property('sets');
		expect(step(1, two(100)).does).equal('point');
		const lowerFirst = step(1, two(10).toReversed());
		expect(lowerFirst.sets!.index).equal(0);
		expect(lowerFirst.sets!.right).closeTo(-100 * Math.sin(Math.PI / 180), 1e-9);
		expect(step(-1, two(10)).sets!.right).closeTo(100 * Math.sin(Math.PI / 180), 1e-9);
	});

	it('is the piece itself on one point, or on two in the same place', () => {
		expect(step(1, [['hook', 0, 40]])).include({ does: 'turn', side: 'left' });
		const pair = (apart: number) =>
			step(1, [
				['one', 0, 40],
				['other', apart, 40]
			]).does;
		expect(pair(0.9)).equal('turn');
		expect(pair(1)).equal('point');
		expect(tiltAtPoints(hung([['hook', 0, 40]]), 3)).equal(0);
		const apart = (mm: number) =>
			hung([
				['one', 0, 40],
				['other', mm, 40]
			]);
		expect(tiltAtPoints(apart(0.5), 3)).equal(0);
		expect(tiltAtPoints(apart(1), 1)).closeTo(90, 1e-9);
	});

	it('is towards the high side of a wire, and moves the piece that way', () => {
		expect(slideOnWire(0.5, 4)).include({ does: 'slide', side: 'right', by: 4, moves: 4 });
		expect(slideOnWire(-0.5, 4)).include({ does: 'slide', side: 'left', by: 4, moves: -4 });
	});

	it('is as many teeth as it lies off, to the side that is low, and tells what is left', () => {
		// Its mass hangs 188 mm below its teeth.
		const bar = hung([['teeth', 0, 12]]);
		const off = (mm: number) => (Math.atan(mm / 188) * 180) / Math.PI;
		const by = (mm: number) => levelByTooth(off(mm), bar, piece, { tooth: 1, toothPitch: 6 });
		expect(by(12)).deep.include({ by: 2, moves: 12, answer: { key: 'tooth', answer: '-1' } });
		expect(by(-12)).deep.include({ by: 2, moves: -12, answer: { key: 'tooth', answer: '3' } });
		// 500 mm wide: 0.376 mm off its tooth leaves one end 1 mm high.
		expect(by(12.3).says).not.contain('{');
		expect(by(12.5).says).contain('{');
	});
});
