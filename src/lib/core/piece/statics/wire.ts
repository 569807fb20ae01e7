import { fail } from './said.ts';
import { FLAT_WIRE_DEGREES } from '../../base/figures/hardware.ts';
import { firstInvalid } from '../../base/check.ts';
import { ok, type Failure, type Result } from '../../base/result.ts';
import { toDegrees } from '../../base/units/constants.ts';
import { stretchedLength } from './elastic.ts';

/** What a wire's drop under load and its forces are computed from. Lengths in mm, forces in N. */
export interface WireHanging {
	/** Ring to ring. */
	ringSpan: number;
	/** Top edge down to the rings. */
	ringDrop: number;
	/** Wire from ring to ring, unloaded. */
	wireLength: number;
	weight: number;
	/** Between two hooks; 0 for one hook. */
	hookSpacing: number;
	/** EA of the wire in N; without it the wire does not stretch. */
	stiffness?: number;
	/** Centre of mass below the ring line. */
	massBelowRings?: number;
	/** Greatest tension the wire is rated for. */
	rating?: number;
	/** Least drop that keeps the hook hidden. */
	margin?: number;
	/** Depth of the frame's top rail below the top edge; the wire must stay below it. */
	topRailDepth?: number;
}

export type WireWarning =
	'wire-flat' | 'hook-above-top' | 'hook-near-top' | 'over-wire-rating' | 'wire-on-top-rail';

export interface HungWire {
	/** Ring line up to the hooks, mm. */
	rise: number;
	/** Top edge down to the hooks, mm; negative when the hook stands above the edge. */
	drop: number;
	tension: number;
	/** Of the outer legs, degrees above level. */
	wireAngle: number;
	verticalPerHook: number;
	/** Sideways on each of two hooks when the wire slides freely, towards the middle. */
	inwardPerHook: number;
	/** Sideways on each of two hooks when the wire is caught on both, away from the middle. */
	outwardPerHook: number;
	/** How far the centre of mass must lie below the rings to stay level without friction, mm. */
	steadyDepth: number;
	/** Level without friction; absent when `massBelowRings` is not given. */
	steady?: boolean;
	warnings: WireWarning[];
}

const tooShort = (path: string): { ok: false; error: Failure } =>
	fail('wire-shorter-than-span', { of: 'rings' }, path);

const hooksTooWide = (path: string): { ok: false; error: Failure } =>
	fail('hooks-wider-than-rings', { of: 'hooks' }, path);

/**
 * Wire length ring to ring in mm from a drop read while pulling the wire up.
 *
 * L = w + √((S − w)² + 4v²), v = ringDrop − pulledDrop; w = finger spacing, 0 for one finger.
 * Errors: `hooks-wider-than-rings` (fingers at or beyond the rings), `wire-shorter-than-span` (no rise), sizes not positive.
 * Source: geometry of the isosceles triangle or trapezium the pulled wire makes.
 */
export function wireLengthFromPull({
	ringSpan,
	ringDrop,
	pulledDrop,
	fingerSpacing
}: {
	ringSpan: number;
	ringDrop: number;
	pulledDrop: number;
	fingerSpacing: number;
}): Result<number> {
	const refused = firstInvalid([
		{ name: 'ringSpan', value: ringSpan, min: 0, open: true },
		{ name: 'ringDrop', value: ringDrop, min: 0 },
		{ name: 'pulledDrop', value: pulledDrop },
		{ name: 'fingerSpacing', value: fingerSpacing, min: 0 }
	]);
	if (refused) return refused;
	if (fingerSpacing >= ringSpan)
		return fail('hooks-wider-than-rings', { of: 'fingers' }, 'fingerSpacing');
	const rise = ringDrop - pulledDrop;
	if (rise <= 0) return fail('wire-shorter-than-span', { of: 'pull' }, 'pulledDrop');
	return ok(fingerSpacing + Math.hypot(ringSpan - fingerSpacing, 2 * rise));
}

/**
 * Drop and forces of a piece hanging level by a wire on one hook, or on two at one height.
 *
 * rise v = ½√((L−w)² − (S−w)²); drop = d − v; T = W(L−w)/(4v); sin θ = 2v/(L−w).
 * Sideways on each of two hooks: T(1 − cos θ) inward (wire free) to T·cos θ outward (wire caught).
 * steadyDepth = S(S−w)/(4v): the level pose holds without friction only when the centre of mass is deeper.
 * With `stiffness` L is the stretched length, found by force balance.
 * Errors: `wire-shorter-than-span`, `hooks-wider-than-rings`, sizes not positive.
 * Source: statics of a string over frictionless pegs; steadiness by second-order expansion of its energy.
 */
export function hangOnWire(input: WireHanging): Result<HungWire> {
	const { ringSpan: S, ringDrop, wireLength, weight, hookSpacing: w, stiffness } = input;
	const refused = firstInvalid([
		{ name: 'ringSpan', value: S, min: 0, open: true },
		{ name: 'ringDrop', value: ringDrop, min: 0 },
		{ name: 'wireLength', value: wireLength, min: 0, open: true },
		{ name: 'weight', value: weight, min: 0, open: true },
		{ name: 'hookSpacing', value: w, min: 0 },
		...optional('stiffness', stiffness, true),
		...optional('massBelowRings', input.massBelowRings),
		...optional('rating', input.rating, true),
		...optional('margin', input.margin),
		...optional('topRailDepth', input.topRailDepth)
	]);
	if (refused) return refused;
	if (w >= S) return hooksTooWide('hookSpacing');
	if (stiffness === undefined && wireLength <= S) return tooShort('wireLength');
	const L =
		stiffness === undefined
			? wireLength
			: stretchedLength({ ringSpan: S, hookSpacing: w, wireLength, weight, stiffness });
	if (L <= w || L <= S) return tooShort('wireLength');

	const rise = Math.sqrt((L - S) * (L + S - 2 * w)) / 2;
	const drop = ringDrop - rise;
	const tension = (weight * (L - w)) / (4 * rise);
	const cos = (S - w) / (L - w);
	const hooks = w > 0 ? 2 : 1;
	const hung: HungWire = {
		rise,
		drop,
		tension,
		wireAngle: toDegrees(Math.atan2(2 * rise, S - w)),
		verticalPerHook: weight / hooks,
		inwardPerHook: hooks === 2 ? tension * (1 - cos) : 0,
		outwardPerHook: hooks === 2 ? tension * cos : 0,
		steadyDepth: (S * (S - w)) / (4 * rise),
		warnings: []
	};
	if (input.massBelowRings !== undefined) hung.steady = input.massBelowRings > hung.steadyDepth;
	hung.warnings = warningsOf(hung, input);
	return ok(hung);
}

function warningsOf(hung: HungWire, input: WireHanging): WireWarning[] {
	const warnings: WireWarning[] = [];
	if (hung.wireAngle < FLAT_WIRE_DEGREES) warnings.push('wire-flat');
	if (hung.drop < 0) warnings.push('hook-above-top');
	else if (input.margin !== undefined && hung.drop < input.margin) warnings.push('hook-near-top');
	if (input.rating !== undefined && hung.tension > input.rating) warnings.push('over-wire-rating');
	if (input.topRailDepth !== undefined && hung.drop < input.topRailDepth)
		warnings.push('wire-on-top-rail');
	return warnings;
}

function optional(name: string, value: number | undefined, open = false) {
	return value === undefined ? [] : [{ name, value, min: 0, open }];
}
