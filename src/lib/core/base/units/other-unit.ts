import { parseLength, type LengthUnit } from './parse-length.ts';

/** Lengths a field would believe, in mm. */
export interface Plausible {
	min: number;
	max: number;
}

const OTHERS: LengthUnit[] = ['in', 'mm', 'cm', 'ft'];

/**
 * A second reading of a bare number whose first reading is implausible: `610` in an inch field may be 610 mm.
 * Null when the number carries a unit, the first reading is believable, or no other unit is.
 */
export function offerOtherUnit(
	text: string,
	assume: LengthUnit,
	plausible: Plausible
): { unit: LengthUnit; mm: number } | null {
	const believable = (mm: number) => mm >= plausible.min && mm <= plausible.max;
	const first = parseLength(text, assume);
	if (!first.ok || believable(first.value)) return null;
	for (const unit of OTHERS) {
		const second = parseLength(text, unit);
		const bare = second.ok && second.value !== first.value;
		if (bare && believable(second.value)) return { unit, mm: second.value };
	}
	return null;
}
