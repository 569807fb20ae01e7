import { formatLength, tickOf, type LengthStyle, type Styles } from '$lib/core/index.ts';

/** Nobody reads how sure a mark is finer than this. A choice, no source. */
const FINEST: LengthStyle = { unit: 'in', denominator: 32 };

/** A range as a person reads it, rounded up: thirty-seconds, or whole millimetres. */
export function withinSaid(mm: number, { lead }: Styles): string {
	const style = 'denominator' in lead ? FINEST : lead;
	const tick = tickOf(style);
	return formatLength(Math.max(Math.ceil(mm / tick - 1e-9), 1) * tick, style);
}
