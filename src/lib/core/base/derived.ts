import { formatLength, ticksOf, type LengthStyle, type TapeDenominator } from './units/index.ts';

/** One term of a printed sum, mm: `sign · value / over`. */
export interface Term {
	label: string;
	sign: 1 | -1;
	value: number;
	over?: number;
}

/** One cause of uncertainty in a figure. */
export interface Uncertainty {
	label: string;
	plusMinus: number;
}

/** A figure a person can see, with how it came about. One object feeds the sum, the ± and the formulas page. */
export interface Derived {
	/** mm, N or degrees. */
	value: number;
	/** The terms that add up to the value; empty when the figure comes from a formula that is not a sum. */
	sum: Term[];
	/** The formula in words and where it comes from. */
	source: string;
	/** Half-width of the likely range, in the value's unit. */
	plusMinus: number;
	/** What the range is made of, largest first. */
	parts: Uncertainty[];
}

/** Independent errors combined: √Σ(±²). */
export function combine(parts: Uncertainty[]): { plusMinus: number; parts: Uncertainty[] } {
	return {
		plusMinus: Math.hypot(...parts.map((part) => part.plusMinus)),
		parts: [...parts].sort((a, b) => b.plusMinus - a.plusMinus)
	};
}

/** One reading a figure rests on. */
export interface Reading {
	label: string;
	value: number;
	/** Likely error of the reading. */
	error: number;
}

/**
 * What each reading's likely error does to a figure, found by taking the reading that much larger.
 *
 * @param figure computes the value from the readings in their order; NaN where it cannot.
 */
export function propagate(
	figure: (...values: number[]) => number,
	readings: Reading[]
): Uncertainty[] {
	const values = readings.map((reading) => reading.value);
	const base = figure(...values);
	return readings.map(({ label, error }, index) => {
		const moved = figure(...values.map((value, at) => (at === index ? value + error : value)));
		const change = Math.abs(moved - base);
		return { label, plusMinus: Number.isFinite(change) ? change : error };
	});
}

/** A figure that is the sum of its terms. */
export function addUp(sum: Term[], source: string, parts: Uncertainty[] = []): Derived {
	return { value: total(sum), sum, source, ...combine(parts) };
}

/** A figure from a formula that is not a plain sum. */
export function byFormula(value: number, source: string, parts: Uncertainty[] = []): Derived {
	return { value, sum: [], source, ...combine(parts) };
}

export const plus = (label: string, value: number, over?: number): Term =>
	over === undefined ? { label, sign: 1, value } : { label, sign: 1, value, over };

export const minus = (label: string, value: number): Term => ({ label, sign: -1, value });

const total = (sum: Term[]): number =>
	sum.reduce((all, { sign, value, over = 1 }) => all + (sign * value) / over, 0);

/**
 * A sum in one line, as printed: `57" + 30"/2 - 4 3/4" = 67 1/4"`; one that begins with what is taken away has its
 * largest term first, and a term alone is the figure itself.
 * Where the rounded terms do not add up to the rounded result, finer ticks are tried, then `≈` is honest.
 *
 * @param printed the result as it is printed elsewhere, mm, when that was rounded as one of a set.
 */
export function writeSum(sum: Term[], style: LengthStyle, printed = total(sum)): string {
	const shown = inOrder(
		sum.filter((term, index) => index === 0 || ticksOf(term.value, style) !== 0)
	);
	for (const finer of stylesFrom(style))
		if (addsUp(shown, finer, printed)) return line(shown, finer, '=', printed, style);
	return line(shown, style, '≈', printed, style);
}

function inOrder(sum: Term[]): Term[] {
	const of = ({ sign, value, over = 1 }: Term) => (sign * value) / over;
	if (sum.length === 0 || of(sum[0]!) >= 0) return sum;
	const largest = sum.reduce((most, term) => (of(term) > of(most) ? term : most));
	return of(largest) > 0 ? [largest, ...sum.filter((term) => term !== largest)] : sum;
}

function stylesFrom(style: LengthStyle): LengthStyle[] {
	if ('denominator' in style) {
		const ticks: TapeDenominator[] = [2, 4, 8, 16, 32, 64];
		return ticks
			.filter((denominator) => denominator >= style.denominator)
			.map((denominator) => ({ unit: style.unit, denominator }));
	}
	return [0, 1, 2].map((more) => ({ unit: style.unit, decimals: style.decimals + more }));
}

function addsUp(sum: Term[], style: LengthStyle, printed: number): boolean {
	const ticks = sum.reduce(
		(all, { sign, value, over = 1 }) => all + (sign * ticksOf(value, style)) / over,
		0
	);
	return Math.abs(ticks - ticksOf(printed, style)) < 1e-6;
}

function line(
	sum: Term[],
	style: LengthStyle,
	equals: '=' | '≈',
	printed: number,
	own: LengthStyle
): string {
	const terms = sum.map(({ sign, value, over }, index) => {
		const negative = sign * value < 0;
		const size = formatLength(Math.abs(value), style);
		const lead = index === 0 ? (negative ? '-' : '') : negative ? ' - ' : ' + ';
		return `${lead}${size}${over === undefined ? '' : `/${over}`}`;
	});
	const result = formatLength(printed, equals === '=' ? style : own);
	return sum.length === 1 && terms[0] === result ? result : `${terms.join('')} ${equals} ${result}`;
}
