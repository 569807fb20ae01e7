import { expect } from 'chai';
import { averageOf } from './average.ts';

describe('averageOf', () => {
	it('gives mean, spread and what they leave open', () => {
		// By hand: mean 12, squares 4 + 0 + 4, spread √(8/2) = 2, 1.645·2/√3 = 1.8995.
		const { mean, spread, plusMinus, count } = averageOf([10, 12, 14]);
		expect([mean, spread, count]).deep.equal([12, 2, 3]);
		expect(plusMinus).closeTo(1.8995, 1e-4);
	});

	it('knows nothing of the spread of one reading, and refuses none', () => {
		expect(averageOf([7])).deep.equal({ mean: 7, spread: 0, plusMinus: 0, count: 1 });
		expect(() => averageOf([])).throw(RangeError);
	});
});
