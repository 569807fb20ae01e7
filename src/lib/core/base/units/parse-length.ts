import { fail } from './said.ts';
import Fraction from 'fraction.js';
import { ok, type Failure, type Result } from '../result.ts';
import { NUMBER, readNumber } from './number.ts';

export type LengthUnit = 'mm' | 'cm' | 'm' | 'in' | 'ft';

const MM: Record<LengthUnit, Fraction> = {
	mm: new Fraction(1),
	cm: new Fraction(10),
	m: new Fraction(1000),
	in: new Fraction(127, 5),
	ft: new Fraction(1524, 5)
};

const UNIT_WORDS: Record<string, LengthUnit> = {
	mm: 'mm',
	millimetre: 'mm',
	millimetres: 'mm',
	millimeter: 'mm',
	millimeters: 'mm',
	cm: 'cm',
	centimetre: 'cm',
	centimetres: 'cm',
	centimeter: 'cm',
	centimeters: 'cm',
	m: 'm',
	metre: 'm',
	metres: 'm',
	meter: 'm',
	meters: 'm',
	in: 'in',
	inch: 'in',
	inches: 'in',
	'"': 'in',
	ft: 'ft',
	foot: 'ft',
	feet: 'ft',
	"'": 'ft'
};

const WORD_LIST = Object.keys(UNIT_WORDS)
	.sort((a, b) => b.length - a.length)
	.join('|');
const ONE_PART = new RegExp(`^(${NUMBER}) ?(${WORD_LIST})?\\.?$`);
const FEET_AND_INCHES = new RegExp(
	`^(${NUMBER}) ?('|ft|foot|feet)\\.?[ ,]*-? ?(${NUMBER}) ?("|in|inch|inches)?\\.?$`
);

const EXAMPLES: Record<LengthUnit, string> = {
	mm: '1187 or 46 3/4"',
	cm: '118.7 or 46 3/4"',
	m: '1.187 or 46 3/4"',
	in: '46 3/4 or 1187 mm',
	ft: '3\' 10 3/4" or 1187 mm'
};

/**
 * Length in mm from what a person typed.
 *
 * @param text `46 3/4`, `46-3/4"`, `3' 10 3/4"`, `¾"`, `118.7 cm`, `1187 mm`; signed values allowed.
 * @param assume unit of a bare number.
 * Errors: `empty`, `unreadable`, `zero-denominator`, `improper-fraction`, `ambiguous-comma`, `inches-over-foot`.
 * Exact rational arithmetic until the last step, so 46 3/4 in is the double nearest 1187.45 mm.
 * Source: 1 in = 25.4 mm exactly (ISO 80000-3); how a tape is read aloud, common practice.
 */
export function parseLength(text: string, assume: LengthUnit): Result<number> {
	const tidy = text
		.normalize('NFC')
		.replace(/[’‘′`]/g, "'")
		.replace(/[”“″]/g, '"')
		.replace(/''/g, '"')
		.replace(/[−–—]/g, '-')
		.replace(/\s+/g, ' ')
		.trim()
		.toLowerCase();
	if (tidy === '') return fail('empty', { examples: EXAMPLES[assume], of: 'length' });
	const signed = /^([+-]) ?(.*)$/.exec(tidy);
	const sign = signed?.[1] === '-' ? -1 : 1;
	const magnitude = readMagnitude(signed ? signed[2]! : tidy, assume);
	if (!magnitude.ok) return explain(magnitude.error, text, assume);
	const mm = magnitude.value.mul(sign).valueOf();
	return ok(mm === 0 ? 0 : mm);
}

function readMagnitude(text: string, assume: LengthUnit): Result<Fraction> {
	const pair = FEET_AND_INCHES.exec(text);
	if (pair?.[1] && pair[3]) return readFeetAndInches(pair[1], pair[3]);
	const one = ONE_PART.exec(text);
	if (!one?.[1]) return fail('unreadable', { of: 'nothing' });
	const number = readNumber(one[1]);
	if (!number.ok) return number;
	return ok(number.value.mul(MM[one[2] === undefined ? assume : UNIT_WORDS[one[2]]!]));
}

function readFeetAndInches(feetText: string, inchText: string): Result<Fraction> {
	const feet = readNumber(feetText);
	if (!feet.ok) return feet;
	const inches = readNumber(inchText.replace(/^[ -]+/, ''));
	if (!inches.ok) return inches;
	if (inches.value.compare(12) >= 0) return fail('inches-over-foot');
	return ok(feet.value.mul(MM.ft).add(inches.value.mul(MM.in)));
}

function explain(error: Failure, text: string, assume: LengthUnit): Result<never> {
	if (error.code !== 'unreadable' && error.code !== 'bad-number') return { ok: false, error };
	return fail('unreadable', { text: text.trim(), examples: EXAMPLES[assume], of: 'length' });
}
