import { expect } from 'chai';
import { floorAt } from './floor.ts';
import { overlap } from './rect.ts';

describe('floorAt', () => {
	it('is level where nothing was surveyed', () => {
		expect(floorAt([], 1234)).equal(0);
	});

	it('runs straight between surveyed points and level beyond them', () => {
		const floor = [
			{ x: 3000, y: -20 },
			{ x: 1000, y: 10 }
		];
		expect(floorAt(floor, 0)).equal(0);
		expect(floorAt(floor, 500)).equal(5);
		expect(floorAt(floor, 1000)).equal(10);
		expect(floorAt(floor, 2000)).equal(-5);
		expect(floorAt(floor, 9000)).equal(-20);
		expect(floorAt(floor, -50)).equal(0);
	});
});

describe('overlap', () => {
	it('needs more than a shared edge', () => {
		const a = { x: 0, y: 0, width: 10, height: 10 };
		expect(overlap(a, { ...a, x: 10 })).equal(false);
		expect(overlap(a, { ...a, x: 9, y: 9 })).equal(true);
		expect(overlap(a, { ...a, y: 10 })).equal(false);
	});
});
