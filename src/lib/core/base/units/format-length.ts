import { MM_PER_INCH } from './constants.ts';

export type TapeDenominator = 2 | 4 | 8 | 16 | 32 | 64;

export type LengthStyle =
	| { unit: 'in' | 'ft-in'; denominator: TapeDenominator }
	| { unit: 'mm' | 'cm' | 'm'; decimals: number };

const MM_PER: Record<'mm' | 'cm' | 'm', number> = { mm: 1, cm: 10, m: 1000 };

/** Smallest step the style can print, in mm. */
export function tickOf(style: LengthStyle): number {
	if ('denominator' in style) return MM_PER_INCH / style.denominator;
	return MM_PER[style.unit] / 10 ** style.decimals;
}

/**
 * Whole number of ticks nearest to a length, ties away from zero.
 * The quotient is snapped to 1e-6 first, since inch fractions held as millimetre doubles miss exact ties.
 */
export function ticksOf(mm: number, style: LengthStyle): number {
	if (!Number.isFinite(mm)) throw new RangeError(`mm must be a finite number, got ${mm}`);
	const exact = Math.round((mm / tickOf(style)) * 1e6) / 1e6;
	const ticks = Math.sign(exact) * Math.floor(Math.abs(exact) + 0.5);
	return ticks === 0 ? 0 : ticks;
}

/** The length rounded to the style's tick, in mm. */
export function roundToTick(mm: number, style: LengthStyle): number {
	return ticksOf(mm, style) * tickOf(style);
}

/**
 * Length as a tape shows it: `46 3/4"`, `3' 10 3/4"`, `1187 mm`, `118.7 cm`.
 * Rounds to the nearest tick, ties away from zero; fractions reduced; never `-0`.
 *
 * @param mm any finite length. Throws RangeError on others. Source: the marks of a tape; 1 in = 25.4 mm exactly (ISO 80000-3).
 */
export function formatLength(mm: number, style: LengthStyle): string {
	const ticks = ticksOf(mm, style);
	const sign = ticks < 0 ? '-' : '';
	const size = Math.abs(ticks);
	if ('denominator' in style) {
		if (style.unit === 'in') return `${sign}${inches(size, style.denominator)}"`;
		const perFoot = 12 * style.denominator;
		const feet = Math.floor(size / perFoot);
		const rest = `${inches(size % perFoot, style.denominator)}"`;
		return feet === 0 ? `${sign}${rest}` : `${sign}${feet}' ${rest}`;
	}
	return `${sign}${(size / 10 ** style.decimals).toFixed(style.decimals)} ${style.unit}`;
}

function inches(ticks: number, denominator: number): string {
	const whole = Math.floor(ticks / denominator);
	let top = ticks % denominator;
	if (top === 0) return String(whole);
	let bottom = denominator;
	while (top % 2 === 0) {
		top /= 2;
		bottom /= 2;
	}
	return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}
