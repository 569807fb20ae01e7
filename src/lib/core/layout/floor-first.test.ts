import { expect } from 'chai';
import { floorFirst } from './floor-first.ts';

describe('the floor first', () => {
	const hanging = [
		{ id: 'a', letter: 'A', rect: { x: 1000, y: 1600, width: 300, height: 400 } },
		{ id: 'b', letter: 'B', rect: { x: 1350, y: 1200, width: 250, height: 300 } }
	];

	it('tells every piece from the corner of the taped area, the near ones first', () => {
		const laid = floorFirst(hanging, { unit: 'mm', decimals: 0 })!;
		// By hand; 600 by 800 has a diagonal of 1000 (3, 4, 5).
		expect(laid).deep.include({ width: 600, height: 800, diagonal: 1000 });
		expect(laid.pieces.map(({ letter, across, up }) => [letter, across, up])).deep.equal([
			['B', 350, 0],
			['A', 0, 400]
		]);
	});

	it('reads as the tape does, and is nothing without pieces', () => {
		const laid = floorFirst(hanging, { unit: 'in', denominator: 8 })!;
		for (const { across, up } of laid.pieces)
			for (const mm of [across, up])
				expect((mm / 25.4) * 8).closeTo(Math.round((mm / 25.4) * 8), 1e-6);
		expect(floorFirst([], { unit: 'mm', decimals: 0 })).equal(null);
	});
});
