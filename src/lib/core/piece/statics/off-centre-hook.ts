import { fail } from './said.ts';
import { firstInvalid } from '../../base/check.ts';
import { ok, type Result } from '../../base/result.ts';
import { toDegrees } from '../../base/units/constants.ts';

export interface OffCentreHook {
	drop: number;
	tensionLeft: number;
	tensionRight: number;
	/** Coefficient of friction between wire and hook that holds the level pose. */
	frictionNeeded: number;
	/** Degrees, right side higher positive: the piece swings as one with the hook, wire held. Needs `massBelowRings`. */
	tiltIfItHolds?: number;
	/** Degrees: the wire slips to its frictionless pose; null when there is none near level. Needs `massBelowRings`. */
	tiltIfItSlips?: number | null;
}

/**
 * One hook under a wire, away from the rings' middle; drop in mm, tensions in N, for the level pose.
 *
 * rise = √((L/2)² − (S/2)²)·√(1 − (2x/L)²); drop = ringDrop − rise.
 * Friction needed (capstan): μ ≥ |ln(T_left/T_right)|/(θ_left + θ_right).
 * tiltIfItHolds = −atan((e−x)/(g+rise)); tiltIfItSlips ≈ −e/(g−gc), gc = S²/(4v), v the rise at x = 0 (linear: 2° off by 17°).
 * x and e (massOffset) in mm right of the rings' middle, g (massBelowRings) below the rings.
 * Errors: `wire-shorter-than-span`, `hooks-wider-than-rings` (hook at or beyond a ring).
 * Source: ellipse with the rings as foci; Euler's capstan formula; second-order expansion of the energy.
 */
export function offCentreHook(input: {
	ringSpan: number;
	ringDrop: number;
	wireLength: number;
	weight: number;
	hook: number;
	massOffset?: number;
	massBelowRings?: number;
}): Result<OffCentreHook> {
	const { ringSpan: S, ringDrop, wireLength: L, weight, hook: x, massBelowRings: g } = input;
	const e = input.massOffset ?? 0;
	const refused = firstInvalid([
		{ name: 'ringSpan', value: S, min: 0, open: true },
		{ name: 'ringDrop', value: ringDrop, min: 0 },
		{ name: 'wireLength', value: L, min: 0, open: true },
		{ name: 'weight', value: weight, min: 0, open: true },
		{ name: 'hook', value: x },
		{ name: 'massOffset', value: e },
		...(g === undefined ? [] : [{ name: 'massBelowRings', value: g, min: 0 }])
	]);
	if (refused) return refused;
	if (L <= S) return fail('wire-shorter-than-span', { of: 'short' }, 'wireLength');
	if (Math.abs(x) >= S / 2) return fail('hooks-wider-than-rings', { of: 'one-hook' }, 'hook');

	const middleRise = Math.sqrt(L * L - S * S) / 2;
	const rise = middleRise * Math.sqrt(1 - ((2 * x) / L) ** 2);
	const angleLeft = Math.atan2(rise, S / 2 + x);
	const angleRight = Math.atan2(rise, S / 2 - x);
	const spread = Math.sin(angleLeft + angleRight);
	const tensionLeft = (weight * Math.cos(angleRight)) / spread;
	const tensionRight = (weight * Math.cos(angleLeft)) / spread;
	const result: OffCentreHook = {
		drop: ringDrop - rise,
		tensionLeft,
		tensionRight,
		frictionNeeded: Math.abs(Math.log(tensionLeft / tensionRight)) / (angleLeft + angleRight)
	};
	if (g === undefined) return ok(result);
	const critical = (S * S) / (4 * middleRise);
	result.tiltIfItHolds = -toDegrees(Math.atan((e - x) / (g + rise)));
	result.tiltIfItSlips = g > critical ? -toDegrees(e / (g - critical)) : null;
	return ok(result);
}
