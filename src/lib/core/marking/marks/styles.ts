import { memoised } from '../../base/memo.ts';
import type { HouseRules } from '../../model/house-rules.ts';
import { formatLength, type LengthStyle } from '../../base/units/index.ts';

/** How lengths are written: the family that leads, and the other beside it. */
export interface Styles {
	lead: LengthStyle;
	other: LengthStyle;
}

/** The style for what no tape can settle finer: eighths of an inch, or whole mm. */
export const coarser = (style: LengthStyle): LengthStyle =>
	'denominator' in style && style.denominator > 8 ? { ...style, denominator: 8 } : style;

/** Length styles by the house rules; the same object for the same rules. */
export const stylesOf = memoised(({ units, tapeFraction }: HouseRules): Styles => {
	const inches: LengthStyle = { unit: 'in', denominator: tapeFraction };
	const metric: LengthStyle = { unit: 'mm', decimals: 0 };
	return units === 'in' ? { lead: inches, other: metric } : { lead: metric, other: inches };
});

/** A length in the leading units, with the other behind it in brackets. */
export const bothUnits = (mm: number, { lead, other }: Styles): string =>
	`${formatLength(mm, lead)} (${formatLength(mm, other)})`;
