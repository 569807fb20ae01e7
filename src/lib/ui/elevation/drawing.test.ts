import { expect } from 'chai';
import fc from 'fast-check';
import { fitWall, MARGIN } from './frame.ts';
import { outlinePath } from './outline.ts';
import { ticks } from './ticks.ts';

describe('fitWall', () => {
	it('keeps the wall to scale, inside its margins, its floor at the bottom', () => {
		const side = fc.integer({ min: 500, max: 20_000 });
		fc.assert(
			fc.property(side, side, (width, height) => {
				const frame = fitWall({ width: 1000, height: 700 }, { width, height });
				expect(frame.width / frame.height).closeTo(width / height, 1e-6);
				expect(frame.left).at.least(MARGIN.left);
				expect(frame.left + frame.width).at.most(1000 - MARGIN.right + 1e-6);
				expect(frame.floor).equal(700 - MARGIN.bottom);
				expect(frame.floor - frame.height).at.least(MARGIN.top - 1e-6);
				expect(frame.x(width)).closeTo(frame.left + frame.width, 1e-6);
				expect(frame.y(height)).closeTo(frame.floor - frame.height, 1e-6);
			})
		);
	});
});

describe('ticks', () => {
	it('count from the hook both ways, and number what can be read', () => {
		const found = ticks('in', 0.5, 0, 48 * 25.4, 24 * 25.4);
		const numbers = found.filter(({ number }) => number);
		expect(numbers[0]!.mm).closeTo(-24 * 25.4, 1e-9);
		expect(numbers.map(({ number }) => number)).include.members(['24', '12', '3']);
		expect(found.find(({ mm }) => mm === 0)?.number).equal(undefined);
	});

	it('mark every 16 in, as tapes do, and only in inches', () => {
		const sixteens = ticks('in', 1, 0, 100 * 25.4, 0)
			.filter(({ sixteen }) => sixteen)
			.map(({ mm }) => Math.round(mm / 25.4));
		expect(sixteens).deep.equal([16, 32, 48, 64, 80, 96]);
		expect(ticks('mm', 1, 0, 3000, 0).some(({ sixteen }) => sixteen)).equal(false);
	});

	it('number centimetres on a metric tape', () => {
		const numbers = ticks('mm', 0.4, 0, 1000, 0).flatMap(({ number, mm }) =>
			number ? [[number, mm] as const] : []
		);
		for (const [number, mm] of numbers) expect(Number(number) * 10).closeTo(mm, 1e-9);
		expect(numbers.at(-1)![0]).equal('100');
	});

	it('never crowd: numbers keep their room at every scale', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.05, max: 2, noNaN: true }),
				fc.constantFrom('in' as const, 'mm' as const),
				(scale, units) => {
					const at = ticks(units, scale, 0, 6000, 0)
						.filter(({ number }) => number)
						.map(({ mm }) => mm * scale);
					for (const [index, pixel] of at.entries())
						if (index > 0) expect(pixel - at[index - 1]!).greaterThan(20);
				}
			)
		);
	});
});

describe('outlinePath', () => {
	it('draws the box, the oval and the polygon of a piece', () => {
		expect(outlinePath({ by: 'rectangle' }, 40, 30)).equal('M0 0 H40 V30 H0 Z');
		expect(outlinePath({ by: 'oval' }, 40, 30)).match(/^M0 15 a20 15 0 1 1 40 0/);
		const points = [
			{ x: 0, y: 0 },
			{ x: 1, y: 0.5 },
			{ x: 0, y: 1 }
		];
		expect(outlinePath({ by: 'polygon', points }, 40, 30)).equal('M0 0L40 15L0 30Z');
	});
});
