import { expect } from 'chai';
import fc from 'fast-check';
import { formatLength, type LengthStyle, type TapeDenominator } from './format-length.ts';
import { offerOtherUnit } from './other-unit.ts';
import { readLength } from './read-length.ts';
import { parseLength, type LengthUnit } from './parse-length.ts';

/** Text, unit of a bare number → mm, or null where it must be refused. Source: exact rational arithmetic. */
const CASES: [string, LengthUnit, number | null][] = [
	['46 3/4', 'in', 1187.45],
	['5\' 2 1/2"', 'mm', 1587.5],
	['1.95 m', 'in', 1950.0],
	['.75in', 'mm', 19.05],
	['¾', 'in', 19.05],
	['46 3⁄4″', 'mm', 1187.45],
	["5'6", 'mm', 1676.4],
	['5ft 6in', 'mm', 1676.4],
	['5’ 6”', 'mm', 1676.4],
	['6\'11 15/16"', 'mm', 2132.0125],
	["12''", 'mm', 304.8],
	['7IN', 'mm', 177.8],
	['0', 'mm', 0.0],
	['-3', 'in', -76.2],
	['+3', 'in', 76.2],
	['1950 mm', 'in', 1950.0],
	['1½', 'in', 38.1],
	['5\' - 6 1/4"', 'mm', 1682.75],
	['7/16', 'in', 11.1125],
	['25,4 mm', 'in', 25.4],
	['   ', 'in', null],
	['"', 'in', null],
	['--3', 'in', null],
	['+-3', 'in', null],
	['3 1/0', 'in', null],
	['1/2/3', 'in', null],
	['/4', 'in', null],
	['5"6\'', 'in', null],
	['1e9', 'in', null],
	['NaN', 'in', null],
	['0x10', 'in', null],
	['1.2.3', 'in', null],
	['5 in in', 'in', null],
	['1;2', 'in', null],
	['٤٦', 'in', null],
	['½½', 'in', null],
	['5 km', 'in', null],
	['46 5/4', 'in', null],
	['1,950', 'in', null],
	['1000000', 'in', 25400000.0],
	['46-3/4"', 'mm', 1187.45],
	['10.', 'in', 254],
	['2/3 in', 'mm', 16.933333333333334],
	['3\' 10 3/4"', 'mm', 1187.45],
	['3 feet 10 inches', 'mm', 1168.4],
	['3 ft', 'in', 914.4],
	['118.7 cm', 'in', 1187],
	['1,950.5', 'mm', 1950.5],
	['1,950,000', 'mm', 1950000],
	['1-½', 'in', 38.1],
	['1⁄2', 'in', 12.7],
	['−3', 'in', -76.2],
	['5 6', 'in', null],
	["5'14", 'in', null],
	['0,125', 'in', null],
	['', 'in', null]
];

const codeOf = (text: string): string => {
	const result = parseLength(text, 'in');
	return result.ok ? 'ok' : result.error.code;
};

describe('parseLength', () => {
	it('reads what people write and refuses the rest', () => {
		for (const [text, unit, mm] of CASES) {
			const result = parseLength(text, unit);
			if (mm === null) expect(result.ok, text).equal(false);
			else expect(result.ok && result.value, text).closeTo(mm, 1e-9);
		}
	});

	it('gives each refusal a code and a sentence', () => {
		expect(codeOf('9'.repeat(400))).equal('unreadable');
		expect(codeOf(`.${'9'.repeat(400)}`)).equal('unreadable');
		expect(codeOf(`5' ${'1'.repeat(40)} 1/2"`)).equal('unreadable');
		expect(codeOf('3 1/0')).equal('zero-denominator');
		expect(codeOf('46 5/4')).equal('improper-fraction');
		expect(codeOf('1,950')).equal('ambiguous-comma');
		expect(codeOf("5'14")).equal('inches-over-foot');
		expect(codeOf('  ')).equal('empty');
		const result = parseLength('a bit', 'in');
		expect(result).nested.include({
			'error.message': '"a bit" is not a length we can read. Try 46 3/4 or 1187 mm.'
		});
	});

	it('reads back every tick of every style', () => {
		const tick = fc.integer({ min: -20000, max: 20000 });
		const inchStyle = fc
			.tuple(
				fc.constantFrom<'in' | 'ft-in'>('in', 'ft-in'),
				fc.constantFrom<TapeDenominator>(2, 4, 8, 16, 32, 64)
			)
			.map(([unit, denominator]): [LengthStyle, number] => [
				{ unit, denominator },
				25.4 / denominator
			]);
		const metricStyle = fc
			.tuple(fc.constantFrom<'mm' | 'cm' | 'm'>('mm', 'cm', 'm'), fc.integer({ min: 0, max: 3 }))
			.map(([unit, decimals]): [LengthStyle, number] => [
				{ unit, decimals },
				{ mm: 1, cm: 10, m: 1000 }[unit] / 10 ** decimals
			]);
		fc.assert(
			fc.property(fc.oneof(inchStyle, metricStyle), tick, ([style, step], ticks) => {
				const mm = ticks * step;
				const read = parseLength(formatLength(mm, style), 'in');
				expect(read.ok && read.value).closeTo(mm, 1e-6);
			}),
			{ numRuns: 400 }
		);
	});

	it('never throws and never lets a strange number through', () => {
		fc.assert(
			fc.property(fc.string(), (text) => {
				const result = parseLength(text, 'in');
				expect(!result.ok || Number.isFinite(result.value)).equal(true);
			})
		);
	});
});

describe('readLength', () => {
	it('takes what a wall may hold, and asks for the unit of anything longer', () => {
		expect(readLength('46 3/4', 'in')).deep.equal({ ok: true, value: 1187.45 });
		expect(readLength('100000', 'mm').ok).equal(true);
		for (const far of ['100001', '-100001', '1e9'])
			expect(readLength(far, 'mm').ok, far).equal(false);
		const refused = readLength('88888888', 'in');
		expect(refused.ok ? '' : refused.error.code).equal('too-large');
	});
});

describe('offerOtherUnit', () => {
	const frame = { min: 50, max: 3000 };
	it('offers millimetres for a bare number too large for inches', () => {
		expect(offerOtherUnit('610', 'in', frame)).deep.equal({ unit: 'mm', mm: 610 });
		expect(offerOtherUnit('24', 'mm', frame)).deep.equal({ unit: 'in', mm: 609.6 });
	});
	it('offers nothing for a believable number, or one that carries its unit', () => {
		expect(offerOtherUnit('24', 'in', frame)).equal(null);
		expect(offerOtherUnit('610 in', 'in', frame)).equal(null);
		expect(offerOtherUnit('x', 'in', frame)).equal(null);
	});
});
