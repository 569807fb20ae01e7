import { expect } from 'chai';
import { alongLine, lineFrom } from './line.ts';

describe('a line along the wall', () => {
	it('is level where nothing was surveyed', () => {
		expect(alongLine(lineFrom(0, []), 1234)).equal(0);
	});

	it('runs straight between points in whatever order they came, and level beyond them', () => {
		const floor = lineFrom(0, [
			{ x: 3000, y: -20 },
			{ x: 1000, y: 10 }
		]);
		const at = [-50, 0, 500, 1000, 2000, 9000].map((x) => alongLine(floor, x));
		expect(at).deep.equal([0, 0, 5, 10, -5, -20]);
	});

	it('takes the later of two points at one place, and leaves out what lies left of its start', () => {
		const line = lineFrom(5, [
			{ x: -10, y: 99 },
			{ x: 100, y: 1 },
			{ x: 100, y: 2 }
		]);
		expect(line).deep.equal([
			{ x: 0, y: 5 },
			{ x: 100, y: 2 }
		]);
	});
});
