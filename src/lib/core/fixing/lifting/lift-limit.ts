import { mustBeFinite } from '../../base/check.ts';

/**
 * Recommended weight limit in kg for one person lifting with two hands on firm footing, the NIOSH equation:
 * 23 · HM · VM · DM · AM · FM · CM.
 *
 * HM = 25/H (H at least 25, none beyond 63 cm); VM = 1 − 0.003·|V − 75| (none above 175 cm);
 * DM = 0.82 + 4.5/D (D at least 25 cm); AM = 1 − 0.0032·A (none beyond 135°); a lift now and then (FM 1).
 *
 * @param horizontal H, mm from the ankles to the hands; `vertical` V, mm from the floor to the hands; `travel` D, mm up;
 * `twist` A, degrees; `grip` good 1, fair 0.95 below 75 cm and 1 above, poor 0.9.
 * Throws RangeError on figures that are not finite. 0 where the equation has no answer. Not for lifting from a ladder.
 * Source: Waters and others, revised NIOSH lifting equation, 1991 (Ergonomics 36, 1993).
 */
export function liftLimit({
	horizontal,
	vertical,
	travel,
	twist = 0,
	grip = 'fair'
}: {
	horizontal: number;
	vertical: number;
	travel: number;
	twist?: number;
	grip?: 'good' | 'fair' | 'poor';
}): number {
	mustBeFinite({ horizontal, vertical, travel, twist });
	const [H, V, D] = [
		Math.max(horizontal / 10, 25),
		vertical / 10,
		Math.max(Math.abs(travel) / 10, 25)
	];
	if (H > 63 || V < 0 || V > 175 || D > 175 || Math.abs(twist) > 135) return 0;
	const coupling = { good: 1, fair: V < 75 ? 0.95 : 1, poor: 0.9 }[grip];
	return (
		23 *
		(25 / H) *
		(1 - 0.003 * Math.abs(V - 75)) *
		(0.82 + 4.5 / D) *
		(1 - 0.0032 * Math.abs(twist)) *
		coupling
	);
}
