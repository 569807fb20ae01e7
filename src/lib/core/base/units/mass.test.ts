import { expect } from 'chai';
import { formatForce, formatMass, parseMass, type MassUnit } from './mass.ts';

/** Text, unit of a bare number → kg, or null. Source: 1 lb = 0.45359237 kg exactly. */
const CASES: [string, MassUnit, number | null][] = [
	['12', 'lb', 5.44310844],
	['12', 'kg', 12],
	['12 1/2 lb', 'kg', 5.669904625],
	['5 lb 4 oz', 'kg', 2.3813599425],
	['800 g', 'lb', 0.8],
	['5,4 kg', 'lb', 5.4],
	['8 ounces', 'kg', 0.226796185],
	['0', 'lb', null],
	['-3', 'lb', null],
	['heavy', 'lb', null],
	['', 'lb', null],
	['2000 lb', 'kg', 907.18474],
	['1001', 'kg', null],
	['99999999', 'lb', null],
	['12 stone', 'lb', null]
];

describe('parseMass', () => {
	it('reads weights and refuses the rest', () => {
		for (const [text, unit, kg] of CASES) {
			const result = parseMass(text, unit);
			if (kg === null) expect(result.ok, text).equal(false);
			else expect(result.ok && result.value, text).closeTo(kg, 1e-9);
		}
	});
});

describe('formatMass and formatForce', () => {
	it('write both families', () => {
		expect(formatMass(5.44310844, 'lb')).equal('12.0 lb');
		expect(formatMass(0.2, 'kg')).equal('0.20 kg');
		// 1 lbf = 4.4482216152605 N exactly.
		expect(formatForce(44.482216152605, 'lb')).equal('10.0 lb');
		expect(formatForce(98.0665, 'kg')).equal('10.0 kg');
		expect(formatForce(98.0665, 'N')).equal('98 N');
	});
});
