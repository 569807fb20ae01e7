import { expect } from 'chai';
import { centreX, centreY, right, top } from '../base/geometry/rect.ts';
import type { Outlined } from './outlined.ts';
import { actTakes, together, TOGETHER_ACTS, type TogetherAct } from './together.ts';

const piece = (id: string, x: number, y: number, width: number, height: number): Outlined => ({
	id,
	letter: id,
	rect: { x, y, width, height }
});
const THREE = [
	piece('A', 1000, 1200, 400, 500),
	piece('B', 1500, 1230, 300, 300),
	piece('C', 2000, 1100, 500, 400)
];
const after = (act: TogetherAct, pieces = THREE, gap?: number) => {
	const moves = new Map(together(act, pieces, gap).map((move) => [move.id, move]));
	return pieces.map(({ id, rect }) => {
		const { dx, dy } = moves.get(id)!;
		return { ...rect, x: rect.x + dx, y: rect.y + dy };
	});
};

describe('several pieces together', () => {
	it('come into line with the first', () => {
		expect(after('tops').map(top)).deep.equal([1700, 1700, 1700]);
		expect(after('bottoms').map(({ y }) => y)).deep.equal([1200, 1200, 1200]);
		expect(after('middles').map(centreY)).deep.equal([1450, 1450, 1450]);
		expect(after('lefts').map(({ x }) => x)).deep.equal([1000, 1000, 1000]);
		expect(after('rights').map(right)).deep.equal([1400, 1400, 1400]);
		expect(after('centres').map(centreX)).deep.equal([1200, 1200, 1200]);
		expect(after('tops').map(({ x }) => x)).deep.equal(THREE.map(({ rect }) => rect.x));
	});

	it('are spaced evenly between the outermost, or by a gap from the first', () => {
		// From 1000 to 2500 less 1200 of pieces: two gaps of 150.
		expect(after('across').map(({ x }) => x)).deep.equal([1000, 1550, 2000]);
		expect(after('across', THREE, 50).map(({ x }) => x)).deep.equal([1000, 1450, 1800]);
		const stack = [
			piece('A', 0, 0, 100, 100),
			piece('B', 0, 150, 100, 100),
			piece('C', 0, 600, 100, 100)
		];
		expect(after('up', stack).map(({ y }) => y)).deep.equal([0, 300, 600]);
		expect(after('up', stack, 20).map(({ y }) => y)).deep.equal([0, 120, 240]);
	});

	it('are mirrored about their middle: twice is as before', () => {
		// The group runs from 1000 to 2500: its middle is 1750.
		expect(after('mirror').map(({ x }) => x)).deep.equal([2100, 1700, 1000]);
		const once = after('mirror').map((rect, index) => ({ ...THREE[index]!, rect }));
		expect(after('mirror', once)).deep.equal(THREE.map(({ rect }) => rect));
	});

	it('swap by their middles', () => {
		const [a, b] = after('swap', THREE.slice(0, 2));
		expect([centreX(a!), centreY(a!)]).deep.equal([1650, 1380]);
		expect([centreX(b!), centreY(b!)]).deep.equal([1200, 1450]);
	});

	it('take as many as they need', () => {
		const takes = (count: number) =>
			(Object.keys(TOGETHER_ACTS) as TogetherAct[]).filter((act) => actTakes(act, count));
		expect(takes(1)).deep.equal([]);
		expect(takes(2)).not.include('across');
		expect(takes(2)).include('swap');
		expect(takes(3)).include('across');
		expect(takes(3)).not.include('swap');
		expect(together('tops', [])).deep.equal([]);
	});
});
