import { expect } from 'chai';
import { formatLength } from '../../base/units/format-length.ts';
import { hookHeight } from './hook-height.ts';

/** From, at, height, drop (mm) → mm, whole mm, sixteenths. Source: exact rationals, each rebuilt from the hook to the rectangle. */
const CASES: ['centre' | 'top' | 'bottom', number, number, number, number, number, string][] = [
	['centre', 1447.8, 609.6, 88.9, 1663.7, 1664, '65 1/2"'],
	['centre', 1473.2, 1187.45, 136.525, 1930.4, 1930, '76"'],
	['centre', 1450.0, 1950.0, 62.0, 2363.0, 2363, '93 1/16"'],
	['centre', 1587.5, 425.45, 19.05, 1781.175, 1781, '70 1/8"'],
	['centre', 1450.0, 305.0, 0.0, 1602.5, 1603, '63 1/16"'],
	['centre', 1447.8, 301.625, 26.19375, 1572.41875, 1572, '61 15/16"'],
	['centre', 1447.8, 306.3875, 0.0, 1600.99375, 1601, '63 1/16"'],
	['top', 1828.8, 457.2, 4.7625, 1824.0375, 1824, '71 13/16"'],
	['top', 1841.5, 762.0, 23.8125, 1817.6875, 1818, '71 9/16"'],
	['top', 2133.6, 304.8, 0.762, 2132.838, 2133, '84"'],
	['bottom', 1219.2, 609.6, 101.6, 1727.2, 1727, '68"'],
	['bottom', 1200.0, 406.4, 38.1, 1568.3, 1568, '61 3/4"'],
	['bottom', 150.0, 20.0, 200.5, -30.5, -31, '-1 3/16"'],
	['bottom', -25.4, 12.7, 12.446, -25.146, -25, '-1"'],
	['centre', 1447.8, 600.075, 55.5625, 1692.275, 1692, '66 5/8"'],
	['centre', 1524.0, 1.5875, 1.5875, 1523.20625, 1523, '60"'],
	['centre', 1550.0, 841.0, 44.0, 1926.5, 1927, '75 7/8"'],
	['centre', 1550.9875, 331.7875, 52.3875, 1664.49375, 1664, '65 9/16"'],
	['top', 1999.9, 500.0, 0.4, 1999.5, 2000, '78 3/4"'],
	['centre', 1447.8, 612.775, 77.7875, 1676.4, 1676, '66"']
];

describe('hookHeight', () => {
	it('takes centre, top or bottom, and rounds ties away from zero', () => {
		for (const [from, at, height, drop, mm, whole, sixteenths] of CASES) {
			const hook = hookHeight({ from, at, height, drop });
			expect(hook).closeTo(mm, 1e-6);
			expect(formatLength(hook, { unit: 'mm', decimals: 0 })).equal(`${whole} mm`);
			expect(formatLength(hook, { unit: 'in', denominator: 16 })).equal(sixteenths);
		}
	});

	it('gives the trade’s worked example', () => {
		// Common practice: 14 in tall, centre 58 in, drop 2 1/2 in: hook at 62 1/2 in.
		const hook = hookHeight({ from: 'centre', at: 58 * 25.4, height: 14 * 25.4, drop: 2.5 * 25.4 });
		expect(hook / 25.4).closeTo(62.5, 1e-9);
	});

	it('throws on numbers that are not finite', () => {
		expect(() => hookHeight({ from: 'top', at: NaN, height: 1, drop: 1 })).throw(RangeError);
	});
});
