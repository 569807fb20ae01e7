import { expect } from 'chai';
import { formatLength, roundToTick, ticksOf, type LengthStyle } from './format-length.ts';
import { formatMessage, lengthToken } from './message.ts';

const sixteenths: LengthStyle = { unit: 'in', denominator: 16 };
const inch = (value: number) => value * 25.4;

describe('formatLength', () => {
	it('writes what a tape shows', () => {
		expect(formatLength(1187.45, sixteenths)).equal('46 3/4"');
		expect(formatLength(1187.45, { unit: 'ft-in', denominator: 16 })).equal(`3' 10 3/4"`);
		expect(formatLength(1187.45, { unit: 'mm', decimals: 0 })).equal('1187 mm');
		expect(formatLength(1187.45, { unit: 'cm', decimals: 1 })).equal('118.7 cm');
		expect(formatLength(1187.45, { unit: 'm', decimals: 3 })).equal('1.187 m');
		expect(formatLength(inch(0.5), sixteenths)).equal('1/2"');
		expect(formatLength(0, { unit: 'ft-in', denominator: 2 })).equal('0"');
	});

	it('carries to the next inch and foot', () => {
		expect(formatLength(inch(15.97), sixteenths)).equal('16"');
		expect(formatLength(inch(11.99), { unit: 'ft-in', denominator: 16 })).equal(`1' 0"`);
	});

	it('rounds every exact tie away from zero, though inches were kept as mm', () => {
		// Exact ties: odd 32nds, rounded to 16ths. Source: exact rationals.
		for (let n = 1; n < 3200; n += 2) {
			const mm = (n / 32) * 25.4;
			expect(ticksOf(mm, sixteenths), `${n}/32 in`).equal((n + 1) / 2);
			expect(ticksOf(-mm, sixteenths)).equal(-(n + 1) / 2);
		}
	});

	it('never prints minus nothing', () => {
		for (const style of [sixteenths, { unit: 'mm', decimals: 0 } as const]) {
			expect(formatLength(-0.01, style)).not.contain('-');
			expect(Object.is(roundToTick(-0.01, style), -0)).equal(false);
		}
		expect(formatLength(-30.5, sixteenths)).equal('-1 3/16"');
	});

	it('refuses what is no number', () => {
		expect(() => formatLength(NaN, sixteenths)).throw(RangeError);
	});
});

describe('say', () => {
	it('writes the lengths of a sentence in the reader’s units', () => {
		const text = `It hangs ${lengthToken(25.4)} too high, not ${lengthToken(-1e-7)}.`;
		expect(formatMessage(text, sixteenths)).equal('It hangs 1" too high, not 0".');
		expect(formatMessage(text, { unit: 'mm', decimals: 0 })).equal(
			'It hangs 25\u00a0mm too high, not 0\u00a0mm.'
		);
	});
});
