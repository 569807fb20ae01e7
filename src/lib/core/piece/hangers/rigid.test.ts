import { expect } from 'chai';
import { SEEN_LEAN_MM } from '../../base/figures/people.ts';
import { leanPull } from '../statics/lean.ts';
import { leanOff, leansOut, onePoint, readDrop, twoPoints, type StandOffs } from './rigid.ts';
import { framedPiece } from './piece.kit.test.ts';

const OFF: StandOffs = { onPiece: 3, onWall: 6 };
const piece = framedPiece(600, 800);
const at = (x: number, drop: number) => ({ name: 'hook', x, drop: readDrop('ring', drop) });
const lean = (ringDrop: number, more: Partial<Parameters<typeof leanPull>[0]> = {}) =>
	leanPull({
		...{ weight: 60, height: 800, depth: 20, ringDrop, rise: 0 },
		...{ ringStandOff: 3, hookStandOff: 6, ...more }
	});

describe('a piece on rigid points', () => {
	it('leans by the drop of its points, and by nothing where none lies below its top', () => {
		expect(leanOff(piece, 200, OFF)).equal(lean(200).pull);
		expect(leanOff(piece, -30, OFF)).equal(lean(0).pull);
		expect(leanOff(piece, 799.9, OFF)).above(0);
		expect(leanOff(piece, 800, OFF)).equal(0);
		expect(leanOff({ ...piece, weight: null }, 200, OFF)).equal(0);
	});

	it('is told to lean from one inch on, by the lowest of its points', () => {
		const told = (onWall: number, drops: number[]) =>
			leansOut(
				piece,
				drops.map((drop) => ({ ...at(0, drop), load: null })),
				{ onPiece: 0, onWall },
				'drop'
			);
		// Its points so far down that its top stands just about an inch off.
		const gap = (onWall: number, drop: number) =>
			lean(drop, { ringStandOff: 0, hookStandOff: onWall }).topGap;
		let standOff = 0;
		while (gap(standOff, 400) < SEEN_LEAN_MM) standOff += 0.01;
		expect(told(standOff, [400])).have.length(1);
		expect(told(standOff - 0.02, [400])).deep.equal([]);
		expect(told(standOff, [100, 400])).have.length(1);
		expect(told(standOff, [100])).deep.equal([]);
		expect(told(standOff, [800])).deep.equal([]);
		expect(told(standOff, [400])[0]).include({ grade: 'care', code: 'leans-out', path: 'drop' });
	});

	it('leans the same whether it was weighed or not', () => {
		const points = [{ ...at(0, 700), load: null }];
		expect(leansOut({ ...piece, weight: null }, points, { onPiece: 40, onWall: 40 }, 'drop'))
			.deep.equal(leansOut(piece, points, { onPiece: 40, onWall: 40 }, 'drop'))
			.have.length(1);
	});

	it('hangs from a point that is called a hook unless it has a name', () => {
		const { name, ...nameless } = at(0, 100);
		expect(onePoint(nameless, piece, OFF).name).equal(name);
		expect(onePoint({ ...nameless, name: 'nail' }, piece, OFF).name).equal('nail');
		expect(onePoint(nameless, piece, OFF).load!.down.value).equal(60);
	});

	it('leans by the higher of two points, and each pulls by its share of the weight', () => {
		const [left, right] = twoPoints([at(-200, 100), at(200, 150)], piece, OFF);
		expect(left.load!.pull.value).closeTo(lean(100).pull / 2, 1e-9);
		expect(right.load!.pull.value).closeTo(lean(100).pull / 2, 1e-9);
	});

	it('pulls nothing off at a point that its mass lifts', () => {
		const [left, right] = twoPoints([at(-200, 100), at(0, 100)], { ...piece, massOffset: 50 }, OFF);
		expect(left.load!.down.value).closeTo(-15, 1e-9);
		expect(left.load!.pull.value).equal(0);
		expect(right.load!.down.value).closeTo(75, 1e-9);
	});

	it('tells where a share comes from', () => {
		const source = (massOffset: number, right = 200) =>
			twoPoints([at(-200, 100), at(right, 100)], { ...piece, massOffset }, OFF)[0].load!.down
				.source;
		expect(source(0)).equal('half the weight');
		expect(source(5)).contain('e/S');
		expect(source(0, 180)).contain('e/S');
		expect(source(-10, 180)).equal('half the weight');
		// In binary numbers (-200 + 200.2)/2 is not quite 0.1.
		expect(source(0.1, 200.2)).equal('half the weight');
	});

	it('carries nothing that is known where it was not weighed', () => {
		const unweighed = twoPoints([at(-200, 100), at(200, 100)], { ...piece, weight: null }, OFF);
		expect(unweighed.map(({ load }) => load)).deep.equal([null, null]);
	});
});
