import { fail } from './said.ts';
import { ok, type Result } from '../result.ts';
import type { LengthStyle } from './format-length.ts';
import { HEAVIEST, KG_PER_POUND, NEWTON_PER_POUND_FORCE, weightOf } from './constants.ts';
import { NUMBER, readNumber } from './number.ts';

export type MassUnit = 'kg' | 'g' | 'lb' | 'oz';

const KG: Record<MassUnit, number> = { kg: 1, g: 0.001, lb: KG_PER_POUND, oz: KG_PER_POUND / 16 };

const WORDS: Record<string, MassUnit> = {
	kg: 'kg',
	kilo: 'kg',
	kilos: 'kg',
	g: 'g',
	gram: 'g',
	grams: 'g',
	lb: 'lb',
	lbs: 'lb',
	pound: 'lb',
	pounds: 'lb',
	oz: 'oz',
	ounce: 'oz',
	ounces: 'oz'
};

const PART = `(${NUMBER}) ?(${Object.keys(WORDS)
	.sort((a, b) => b.length - a.length)
	.join('|')})?`;
const ONE = new RegExp(`^${PART}$`);
const TWO = new RegExp(`^(${NUMBER}) ?(?:lbs?|pounds?) ?(${NUMBER}) ?(?:oz|ounces?)$`);

/**
 * Mass in kg from what a person typed: `12`, `12 1/2 lb`, `5 lb 4 oz`, `5.4 kg`, `800 g`.
 * Errors: `empty`, `unreadable`, `not-positive`, `too-large`.
 */
export function parseMass(text: string, assume: MassUnit): Result<number> {
	const tidy = text.replace(/\s+/g, ' ').trim().toLowerCase();
	if (tidy === '') return fail('empty', { of: 'weight' });
	const kg = readMass(tidy, assume);
	if (kg === null) return fail('unreadable', { text: text.trim(), of: 'weight' });
	if (kg <= 0) return fail('not-positive');
	if (kg > HEAVIEST) return fail('too-large', { text: text.trim(), of: 'weight' });
	return ok(kg);
}

function readMass(tidy: string, assume: MassUnit): number | null {
	const two = TWO.exec(tidy);
	if (two?.[1] && two[2]) {
		const pounds = readNumber(two[1]);
		const ounces = readNumber(two[2].trim());
		if (!pounds.ok || !ounces.ok) return null;
		return pounds.value.valueOf() * KG.lb + ounces.value.valueOf() * KG.oz;
	}
	const one = ONE.exec(tidy);
	if (!one?.[1]) return null;
	const number = readNumber(one[1]);
	if (!number.ok) return null;
	return number.value.valueOf() * KG[one[2] === undefined ? assume : WORDS[one[2]]!];
}

/** `5.4 kg` or `11.9 lb`: one decimal, two below one unit. */
export function formatMass(kg: number, unit: 'kg' | 'lb'): string {
	const value = kg / KG[unit];
	return `${value.toFixed(value < 1 ? 2 : 1)} ${unit}`;
}

/** A force as people feel it: the mass in lb or kg that would weigh as much, or newtons. */
export function formatForce(newtons: number, unit: 'lb' | 'kg' | 'N'): string {
	if (unit === 'lb') return `${(newtons / NEWTON_PER_POUND_FORCE).toFixed(1)} lb`;
	if (unit === 'kg') return `${(newtons / weightOf(1)).toFixed(1)} kg`;
	return `${newtons.toFixed(0)} N`;
}

/** The unit in which weights and loads are told beside such lengths. */
export const massUnitOf = ({ unit }: Pick<LengthStyle, 'unit'>): 'kg' | 'lb' =>
	unit === 'mm' ? 'kg' : 'lb';
