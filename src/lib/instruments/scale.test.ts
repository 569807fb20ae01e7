import { expect } from 'chai';
import fc from 'fast-check';
import { simulatedScale, type ScaleReading } from './scale.ts';

const read = (scale: ReturnType<typeof simulatedScale>): ScaleReading => {
	const reading = scale.read();
	if (!reading.ok) throw new Error(reading.error.message);
	return reading.value;
};

describe('the simulated scale', () => {
	it('reads the difference to within its step, and says that it is simulated', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 30, noNaN: true }),
				fc.double({ min: 0, max: 0.999, noNaN: true }),
				(trueWeight, chance) => {
					const scale = simulatedScale({ trueWeight, person: 71.3 }, () => chance);
					const reading = read(scale);
					expect(scale.simulated).equal(true);
					expect(reading.weight).closeTo(reading.withPiece - reading.without, 1e-9);
					expect(Math.abs(reading.weight - trueWeight)).at.most(2 * reading.plusMinus + 1e-9);
				}
			)
		);
	});

	it('never weighs nothing', () => {
		const scale = simulatedScale({ trueWeight: 0.01, person: 70 }, () => 0.5);
		expect(read(scale).weight).closeTo(0.1, 1e-9);
	});
});
