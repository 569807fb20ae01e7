import { expect } from 'chai';
import { startWall } from '../../model/start.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { dayProofs, provedBy } from './prove.ts';

/** 4 m wide; the floor falls 12 mm over it, the ceiling stays at 2500: every figure added up by hand, mm. */
const reading = (x: number, down: number) => ({ id: `r${x}`, x, down, up: null });
const wall: Wall = {
	...startWall(() => 'id', { name: 'Wall', width: 4000, height: 2500 }),
	levels: { line: 1200, readings: [reading(0, 1200), reading(4000, 1212)] }
};
const pieces = (...xs: number[]) =>
	[{ hooks: xs.map((x) => ({ hole: { x, y: 1600 } })) }] as unknown as PlannedPiece[];
const expected = (of: PlannedPiece[]) =>
	dayProofs(wall, of).map(({ id, expected: { value } }) => [id, Math.round(value * 1e6) / 1e6]);

describe('measures that prove the wall on the day', () => {
	it('are its width, its height amid the hooks, and the floor under the outermost', () => {
		expect(expected(pieces(3000, 1000, 2000))).deep.equal([
			['prove:width', 4000],
			// Amid 1000 and 3000 the floor lies 6 mm low; under 1000 3, under 3000 9.
			['prove:height', 2506],
			['prove:floor-left', 1203],
			['prove:floor-right', 1209]
		]);
	});

	it('ask for one floor where all hooks are plumb, and for that of the corner where there are none', () => {
		expect(expected(pieces(1000)).map(([id]) => id)).deep.equal([
			...['prove:width', 'prove:height', 'prove:floor-left']
		]);
		expect(expected(pieces(1000, 1001)).length).equal(3);
		expect(expected(pieces(1000, 1002)).length).equal(4);
		expect(expected([])).deep.equal([
			['prove:width', 4000],
			['prove:height', 2506],
			['prove:floor-left', 1200],
			['prove:floor-right', 1212]
		]);
	});

	it('agree up to what two readings may differ by, and say how far off they are beyond', () => {
		const [width] = dayProofs(wall, pieces(1000));
		const { tolerance } = width!;
		expect(provedBy(width!, 4000 + tolerance - 1e-9).agrees).equal(true);
		expect(provedBy(width!, 4000 - tolerance + 1e-9).agrees).equal(true);
		const off = provedBy(width!, 4000 + tolerance + 1);
		expect(off.agrees).equal(false);
		expect(off.says).contain('more than the survey says');
		expect(provedBy(width!, 3900).says).match(/^That is \{100 mm\} less/);
	});
});
