import { fail } from './said.ts';
import { firstInvalid } from '../../base/check.ts';
import { ok, type Result } from '../../base/result.ts';
import { toDegrees } from '../../base/units/constants.ts';
import { bisect } from './solve.ts';

/** A wire between two rings that need not be level, over one or two hooks. */
export interface UnevenWire {
	ringSpan: number;
	/** mm from the top edge down to the left ring. */
	ringDrop: number;
	/** mm by which the right ring is lower. */
	ringLower: number;
	/** Places of the hooks, mm right of the rings' middle; one, or two from left to right. */
	hooks: readonly [number] | readonly [number, number];
	/** mm by which the right hook is set lower; 0 unless said. */
	hookLower?: number;
}

export interface HeldWire {
	/** Drop of the hooks with the piece level at its intended place, mm. */
	drop: number;
	/** Angle of each outer leg above level, degrees. */
	angles: [left: number, right: number];
	/** N in each outer leg, level. */
	tensions: [left: number, right: number];
	/** Friction coefficient that keeps the wire from running over its hooks. */
	frictionNeeded: number;
	/** Degrees, right side higher positive: where it settles with the wire caught on its hooks. */
	tiltHeld: number;
	/** Degrees: where it settles with the wire free to run; null when there is no such pose near level. */
	tiltFree: number | null;
}

/**
 * Length in mm of a wire from ring to ring over hooks at a drop: √ of each straight run, added up.
 * Source: geometry.
 */
export function wireAround(wire: UnevenWire, drop: number): number {
	const [left, right] = outer(wire);
	const { leftRise, rightRise } = rises(wire, drop);
	return (
		Math.hypot(left + wire.ringSpan / 2, leftRise) +
		Math.hypot(right - left, wire.hookLower ?? 0) +
		Math.hypot(wire.ringSpan / 2 - right, rightRise)
	);
}

/** Drop in mm of the left hook under a wire of known length; the inverse of `wireAround`. NaN where the wire is too short. */
export function dropUnder(wire: UnevenWire, wireLength: number): number {
	const { ringDrop, ringLower, hookLower = 0 } = wire;
	const highest = Math.min(ringDrop, ringDrop + ringLower - hookLower);
	if (wireAround(wire, highest) >= wireLength) return NaN;
	return bisect((drop) => wireLength - wireAround(wire, drop), highest - wireLength, highest);
}

/**
 * Pose of a piece whose rings or mass are uneven, hung level and then let go.
 *
 * Level drop from the wire's length. Each ring carries W(1/2 ∓ e/S), its leg T = V/sin θ.
 * Friction needed (capstan): μ ≥ |ln(T_left/T_right)| over the angle the wire turns through.
 * tiltHeld: the legs keep their lengths (wire caught), and the centre of mass sinks to its lowest.
 * tiltFree ≈ −e/(g−gc) − (δ/S)·gc/(g−gc), gc = S(S−w)/(4v); null where g ≤ gc.
 * e (massOffset) and g (massBelowRings) in mm from the rings' middle; weight in N.
 * Errors: `wire-shorter-than-span`, `hooks-wider-than-rings`.
 * Source: lowest centre of mass of a four-bar linkage; capstan formula; second-order expansion of the energy.
 */
export function holdOnWire(
	input: UnevenWire & {
		wireLength: number;
		weight: number;
		massOffset: number;
		massBelowRings: number;
	}
): Result<HeldWire> {
	const { ringSpan: S, ringLower, wireLength, weight, massOffset: e, massBelowRings: g } = input;
	const [left, right] = outer(input);
	const refused = firstInvalid([
		{ name: 'ringSpan', value: S, min: 0, open: true },
		{ name: 'ringDrop', value: input.ringDrop, min: 0 },
		{ name: 'ringLower', value: ringLower },
		{ name: 'wireLength', value: wireLength, min: 0, open: true },
		{ name: 'weight', value: weight, min: 0, open: true },
		{ name: 'massOffset', value: e },
		{ name: 'massBelowRings', value: g }
	]);
	if (refused) return refused;
	if (!(left > -S / 2 && right < S / 2 && left <= right))
		return fail('hooks-wider-than-rings', { of: 'at-ring' }, 'hookSpacing');
	const drop = dropUnder(input, wireLength);
	if (Number.isNaN(drop)) return fail('wire-shorter-than-span', { of: 'uneven' }, 'wireLength');
	const { leftRise, rightRise } = rises(input, drop);
	const leftRun = left + S / 2;
	const rightRun = S / 2 - right;
	const angles: [number, number] = [Math.atan2(leftRise, leftRun), Math.atan2(rightRise, rightRun)];
	const tensions: [number, number] =
		left === right
			? pulledTogether(weight, angles)
			: [
					(weight * (0.5 - e / S)) / Math.sin(angles[0]),
					(weight * (0.5 + e / S)) / Math.sin(angles[1])
				];
	const critical = (S * (S - (right - left))) / (2 * (leftRise + rightRise));
	return ok({
		drop,
		angles: [toDegrees(angles[0]), toDegrees(angles[1])],
		tensions,
		frictionNeeded: Math.abs(Math.log(tensions[0] / tensions[1])) / (angles[0] + angles[1]),
		tiltHeld: toDegrees(settle(input, [leftRun, leftRise], [rightRun, rightRise])),
		tiltFree:
			g > critical
				? toDegrees(-e / (g - critical) - ((ringLower / S) * critical) / (g - critical))
				: null
	});
}

const outer = ({ hooks }: UnevenWire): [left: number, right: number] => [hooks[0], hooks.at(-1)!];

const rises = ({ ringDrop, ringLower, hookLower = 0 }: UnevenWire, drop: number) => ({
	leftRise: ringDrop - drop,
	rightRise: ringDrop + ringLower - hookLower - drop
});

/** Both legs at one hook: their sideways pulls balance. */
function pulledTogether(weight: number, [left, right]: [number, number]): [number, number] {
	const spread = Math.sin(left + right);
	return [(weight * Math.cos(right)) / spread, (weight * Math.cos(left)) / spread];
}

/**
 * How far a piece that hangs at a tilt with its wire caught is slid to come level, mm; to the right where that is high.
 * It is the difference between the places along the wire that give the tilt and none.
 *
 * @param tilt degrees, right side higher positive, taken as no more than 10° either way.
 * Errors: `wire-shorter-than-span`. Source: the same four-bar linkage, solved for its legs by bisection.
 */
export function slideToLevel(
	input: UnevenWire & { wireLength: number; massOffset: number; massBelowRings: number },
	tilt: number
): Result<number> {
	const drop = dropUnder(input, input.wireLength);
	if (Number.isNaN(drop)) return fail('wire-shorter-than-span', { of: 'uneven' });
	const [left, right] = outer(input);
	const { leftRise, rightRise } = rises(input, drop);
	const a = Math.hypot(left + input.ringSpan / 2, leftRise);
	const b = Math.hypot(input.ringSpan / 2 - right, rightRise);
	const half = (a + b) / 2;
	const flat = input.ringSpan / 2;
	/** Both legs once the hooks have moved along the wire; over one hook it then lies on the ellipse about its rings. */
	const legs = (slid: number): [[number, number], [number, number]] => {
		if (right > left)
			return [
				[a + slid, 0],
				[b - slid, 0]
			];
		const rise = Math.sqrt((half ** 2 - flat ** 2) * (1 - ((left + slid) / half) ** 2));
		return [
			[flat + left + slid, rise],
			[flat - left - slid, rise]
		];
	};
	const most = 0.8 * Math.min(a, b, flat - Math.abs(left));
	const slidTo = (wanted: number): number =>
		bisect((slid) => toDegrees(settle(input, ...legs(slid))) - wanted, -most, most);
	return ok(slidTo(Math.max(-MOST_TILT, Math.min(MOST_TILT, tilt))) - slidTo(0));
}

/** Steepest tilt that a slide is reckoned for, degrees. */
const MOST_TILT = 10;

/** Tilt in radians at which the centre of mass is lowest, each leg a link of its own length. */
function settle(
	{
		ringSpan: S,
		ringLower,
		hooks,
		hookLower = 0,
		massOffset,
		massBelowRings
	}: UnevenWire & { massOffset: number; massBelowRings: number },
	leftLeg: [number, number],
	rightLeg: [number, number]
): number {
	const spacing = hooks.at(-1)! - hooks[0];
	const a = Math.hypot(...leftLeg);
	const b = Math.hypot(...rightLeg);
	/** Height of the centre of mass below the left hook at a tilt; the rings hang from the two links. */
	const massHeight = (tilt: number): number => {
		const cos = Math.cos(tilt);
		const sin = Math.sin(tilt);
		const turn = (x: number, y: number) => ({ x: x * cos - y * sin, y: x * sin + y * cos });
		const between = turn(S, -ringLower);
		// The left ring is a from the left hook, and b from the right hook moved back by the ring line.
		const other = { x: spacing - between.x, y: -hookLower - between.y };
		const apart = Math.hypot(other.x, other.y);
		const along = (apart * apart + a * a - b * b) / (2 * apart);
		const across = a * a - along * along;
		if (across < 0) return Infinity;
		const h = Math.sqrt(across);
		const ux = other.x / apart;
		const uy = other.y / apart;
		const ringY = Math.min(along * uy - h * ux, along * uy + h * ux);
		const mass = turn(S / 2 + massOffset, -ringLower / 2 - massBelowRings);
		return ringY + mass.y;
	};
	if (spacing === 0) {
		const right = S / 2 + massOffset - leftLeg[0];
		const below = leftLeg[1] + ringLower / 2 + massBelowRings;
		return -Math.atan2(right, below);
	}
	const turnedBy = Math.atan2(ringLower, S) - Math.atan2(hookLower, spacing);
	const poses = reached(Math.hypot(spacing, hookLower), Math.hypot(S, ringLower), a, b).map(
		([from, to]) => lowest(massHeight, turnedBy + from, turnedBy + to)
	);
	return poses.reduce((best, tilt) => (massHeight(tilt) < massHeight(best) ? tilt : best));
}

/**
 * Angles from the line of the hooks to that of the rings, radians either side of none, at which links of lengths a and b reach both rings:
 * |a − b| ≤ √(w² + R² − 2wR·cos φ) ≤ a + b, w between the hooks and R from ring to ring. One stretch; or two, where the
 * links differ by more than R − w. Source: law of cosines.
 */
function reached(w: number, R: number, a: number, b: number): [from: number, to: number][] {
	const tiltAt = (apart: number): number =>
		Math.acos(Math.max(-1, Math.min(1, (w * w + R * R - apart * apart) / (2 * w * R))));
	const widest = tiltAt(a + b) * (1 - 1e-9);
	const least = tiltAt(Math.abs(a - b)) * (1 + 1e-9);
	if (Math.abs(a - b) <= R - w) return [[-widest, widest]];
	return [
		[-widest, -least],
		[least, widest]
	];
}

/** Place of the minimum between two bounds, by golden sections. */
function lowest(f: (x: number) => number, low: number, high: number): number {
	const ratio = (Math.sqrt(5) - 1) / 2;
	let [a, b] = [low, high];
	while (b - a > 1e-9) {
		const c = b - ratio * (b - a);
		const d = a + ratio * (b - a);
		if (f(c) < f(d)) b = d;
		else a = c;
	}
	return (a + b) / 2;
}
