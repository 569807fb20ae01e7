import { expect } from 'chai';
import { averageOf } from '../readings/average.ts';
import { normalDraw, seeded, seedOf } from './random.ts';

describe('seeded numbers', () => {
	it('are the same for the same seed, between 0 and 1, and spread evenly', () => {
		const [a, b] = [seeded(5), seeded(5)];
		const drawn = Array.from({ length: 4000 }, () => a());
		expect(Array.from({ length: 4000 }, () => b())).deep.equal(drawn);
		expect(Math.min(...drawn)).least(0);
		expect(Math.max(...drawn)).below(1);
		// A uniform number has mean 1/2 and standard deviation 1/√12.
		const { mean, spread } = averageOf(drawn);
		expect(mean).closeTo(0.5, 0.02);
		expect(spread).closeTo(1 / Math.sqrt(12), 0.01);
		expect(seeded(6)()).not.equal(seeded(5)());
	});

	it('make normal draws of the spread asked for', () => {
		const draw = seeded(1);
		const { mean, spread } = averageOf(Array.from({ length: 4000 }, () => normalDraw(draw, 5)));
		expect(mean).closeTo(0, 0.3);
		expect(spread).closeTo(5, 0.3);
	});

	it('come from texts, one for each', () => {
		expect(seedOf('stair-hall')).equal(seedOf('stair-hall'));
		expect(seedOf('stair-hall')).not.equal(seedOf('tea-room'));
		expect(seedOf('')).within(0, 2 ** 32 - 1);
	});
});
