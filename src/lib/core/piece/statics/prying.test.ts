import { expect } from 'chai';
import { nailPull } from './prying.ts';

describe('nailPull', () => {
	it('balances moments about the toe of the plate', () => {
		// 60 N at 5 mm off the wall turns the plate about its toe 25 mm below the nail: 12 N, and 8 N of the picture’s own.
		const pull = nailPull({ pull: 8, weight: 60, standOff: 5, toe: 25 });
		expect(pull).closeTo(20, 1e-12);
		expect(60 * 5 - (pull - 8) * 25).closeTo(0, 1e-9);
	});

	it('is the picture’s own pull where the hook lies flat, and refuses a toe at the nail', () => {
		expect(nailPull({ pull: 8, weight: 60, standOff: 0, toe: 25 })).equal(8);
		expect(() => nailPull({ pull: 8, weight: 60, standOff: 5, toe: 0 })).throw(RangeError);
	});
});
