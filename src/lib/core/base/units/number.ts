import { fail } from './said.ts';
import Fraction from 'fraction.js';
import { ok, type Result } from '../result.ts';

const VULGAR: Record<string, string> = {
	'¼': '1/4',
	'½': '1/2',
	'¾': '3/4',
	'⅐': '1/7',
	'⅑': '1/9',
	'⅒': '1/10',
	'⅓': '1/3',
	'⅔': '2/3',
	'⅕': '1/5',
	'⅖': '2/5',
	'⅗': '3/5',
	'⅘': '4/5',
	'⅙': '1/6',
	'⅚': '5/6',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};

const VULGAR_CLASS = `[${Object.keys(VULGAR).join('')}]`;

/** A number as people write one: `46 3/4`, `46-3/4`, `¾`, `1½`, `.75`, `10.`, `25,4`, `1,950.5`. No sign. */
export const NUMBER = `(?:\\d[\\d,]*(?:\\.\\d*)?|\\.\\d+)?(?:[ -]*(?:\\d+ ?[/⁄∕] ?\\d+|${VULGAR_CLASS}))?`;

/** Characters of the longest number that is read; a spreadsheet writes up to some twenty. */
const LONGEST = 40;

const PLAIN = /^(?:\d[\d,]*(?:\.\d*)?|\.\d+)$/;
const WITH_FRACTION = /^(?:(\d[\d,]*)[ -]+)?(\d+)\/(\d+)$/;

/** Exact value of an unsigned number text that matches NUMBER, or why it cannot be read. */
export function readNumber(text: string): Result<Fraction> {
	const plainText = text
		.replace(/[⁄∕]/g, '/')
		.replace(/ ?\/ ?/g, '/')
		.replace(new RegExp(`(\\d)?[ -]*(${VULGAR_CLASS})$`), (_, digit: string | undefined, glyph) =>
			digit === undefined ? VULGAR[glyph]! : `${digit} ${VULGAR[glyph]!}`
		)
		.trim();
	if (plainText.length > LONGEST) return fail('bad-number', { text: text.trim() });
	if (PLAIN.test(plainText)) return readDecimal(plainText);
	const match = WITH_FRACTION.exec(plainText);
	if (!match) return fail('bad-number', { text: text.trim() });
	const [, whole, top, bottom] = match;
	const numerator = Number(top);
	const denominator = Number(bottom);
	if (denominator === 0) return fail('zero-denominator', { text: text.trim() });
	if (whole === undefined) return ok(new Fraction(BigInt(top!), BigInt(bottom!)));
	if (whole.includes(',')) return fail('bad-number', { text: text.trim() });
	if (numerator >= denominator) return fail('improper-fraction', { text: text.trim() });
	return ok(new Fraction(BigInt(top!), BigInt(bottom!)).add(BigInt(whole)));
}

/** `25,4` is a decimal comma, `1,950.5` groups thousands, `1,950` alone could be either and is refused. */
function readDecimal(text: string): Result<Fraction> {
	const bad = fail('bad-number', { text });
	const commas = text.split(',').length - 1;
	const grouped = /^\d{1,3}(?:,\d{3})+(?:\.\d*)?$/.test(text);
	if (commas === 0) return ok(fraction(text));
	if (commas === 1 && /,\d{3}$/.test(text))
		return fail('ambiguous-comma', {
			text,
			whole: text.replace(',', ''),
			decimal: text.replace(',', '.')
		});
	if (grouped) return ok(fraction(text.replaceAll(',', '')));
	if (commas > 1 || text.includes('.')) return bad;
	return ok(fraction(text.replace(',', '.')));
}

/** Trailing and leading points are allowed on a tape note: `10.` and `.75`. */
function fraction(text: string): Fraction {
	return new Fraction(text.replace(/\.$/, '').replace(/^\./, '0.'));
}
