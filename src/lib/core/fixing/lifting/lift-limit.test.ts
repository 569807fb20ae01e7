import { expect } from 'chai';
import { liftLimit } from './lift-limit.ts';

const ideal = { horizontal: 250, vertical: 750, travel: 250, grip: 'good' } as const;
/** What one multiplier leaves of the load constant, 23 kg. */
const left = (more: object) => liftLimit({ ...ideal, ...more }) / 23;

describe('the weight one person should lift', () => {
	it('is 23 kg at its best, and less by the published multipliers', () => {
		expect(liftLimit(ideal)).equal(23);
		// Tables of multipliers in the NIOSH applications manual (94-110), from memory.
		for (const [horizontal, multiplier] of [
			[300, 0.83],
			[400, 0.63],
			[500, 0.5],
			[630, 0.4]
		] as const)
			expect(left({ horizontal }), `H ${horizontal}`).closeTo(multiplier, 0.006);
		for (const [vertical, multiplier] of [
			[0, 0.78],
			[300, 0.87],
			[1000, 0.93],
			[1500, 0.78],
			[1750, 0.7]
		] as const)
			expect(left({ vertical }), `V ${vertical}`).closeTo(multiplier, 0.006);
		for (const [travel, multiplier] of [
			[400, 0.93],
			[1000, 0.87],
			[1750, 0.85]
		] as const)
			expect(left({ travel }), `D ${travel}`).closeTo(multiplier, 0.006);
		for (const [twist, multiplier] of [
			[45, 0.86],
			[90, 0.71],
			[135, 0.57]
		] as const)
			expect(left({ twist }), `A ${twist}`).closeTo(multiplier, 0.006);
		expect(left({ grip: 'fair', vertical: 700 }) / left({ vertical: 700 })).closeTo(0.95, 1e-9);
		expect(left({ grip: 'poor' })).closeTo(0.9, 1e-9);
	});

	it('has no answer out of reach, and refuses what is no figure', () => {
		for (const beyond of [
			{ horizontal: 640 },
			{ vertical: 1760 },
			{ travel: 1760 },
			{ twist: 140 }
		])
			expect(left(beyond), JSON.stringify(beyond)).equal(0);
		expect(() => liftLimit({ ...ideal, vertical: NaN })).throw(RangeError);
	});
});
