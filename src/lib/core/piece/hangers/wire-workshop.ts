import { WIRE_CLASSES } from './wire-classes.ts';
import { WIRE_CUT_STEP_MM, WIRE_TIES_MM } from '../../base/figures/hardware.ts';
import { mustBeFinite } from '../../base/check.ts';
import { hangOnWire } from '../statics/wire.ts';
import { GRAVITY, toDegrees, toRadians, weightOf } from '../../base/units/constants.ts';
import { wireLength, type WireBack } from './wire-reading.ts';

/**
 * Length in mm to cut for a wire of so much ring to ring: two ties more, up to the next step of a tape in these units;
 * double length where it runs double.
 */
export function cutLength(ringToRing: number, units: 'in' | 'mm', strands: 1 | 2 = 1): number {
	const step = WIRE_CUT_STEP_MM[units];
	return Math.ceil((ringToRing * strands + WIRE_TIES_MM) / step - 1e-9) * step;
}

/** Tension over weight at a wire angle in degrees: 1/(2 sin θ). Source: sling tables. */
export const pullOverWeight = (angle: number): number => 1 / (2 * Math.sin(toRadians(angle)));

export interface WireNeed {
	/** N by the house rule: so many times the weight. */
	byRule: number;
	/** N of tension when hung. */
	byTension: number;
	/** kg of the class to take; null when no usual wire is strong enough. */
	kg: number | null;
	/** The tension asks for more than the rule does. */
	tensionDecides: boolean;
}

/**
 * Class of wire in kg of working load: the larger of factor·W and the tension.
 * Throws RangeError on numbers that are not finite. Source: both schools of rating, common practice; statics.
 */
export function wireNeed(weight: number, tension: number, factor: number): WireNeed {
	mustBeFinite({ weight, tension, factor });
	const byRule = weight * factor;
	const need = Math.max(byRule, tension);
	const kg = WIRE_CLASSES.find((each) => weightOf(each) >= need - 1e-9) ?? null;
	return { byRule, byTension: tension, kg, tensionDecides: tension > byRule };
}

/** The same wire with its rings at another height: how far down its hooks are, and what it pulls. */
export interface RingHeight {
	/** Rings down as a share of the height. */
	share: number;
	ringDrop: number;
	drop: number;
}

/** Where the hooks would come with the rings a quarter, a third and two fifths of the way down. */
export function ringHeights(back: WireBack, hookSpacing: number, height: number): RingHeight[] {
	const length = wireLength(back);
	if (!length.ok) return [];
	return [1 / 4, 1 / 3, 2 / 5].flatMap((share) => {
		const hung = hangOnWire({
			ringSpan: back.ringSpan,
			ringDrop: height * share,
			wireLength: length.value,
			weight: 1,
			hookSpacing
		});
		return hung.ok ? [{ share, ringDrop: height * share, drop: hung.value.drop }] : [];
	});
}

export interface CurvePoint {
	x: number;
	y: number;
}

/** Tension over weight against wire angle in degrees, one hook: 1/(2 sin θ). Source: sling tables. */
export function tensionCurve(): CurvePoint[] {
	return Array.from({ length: 56 }, (_, index) => {
		const angle = 5 + index;
		return { x: angle, y: pullOverWeight(angle) };
	});
}

/** Depth in mm the centre of mass must lie below the rings, against hook spacing in mm: S(S − w)/(4v). */
export function steadyCurve({
	ringSpan,
	ringDrop,
	wireLength
}: {
	ringSpan: number;
	ringDrop: number;
	wireLength: number;
}): CurvePoint[] {
	return Array.from({ length: 39 }, (_, index) => (ringSpan * index) / 40).flatMap(
		(hookSpacing) => {
			const hung = hangOnWire({ ringSpan, ringDrop, wireLength, weight: 1, hookSpacing });
			return hung.ok ? [{ x: hookSpacing, y: hung.value.steadyDepth }] : [];
		}
	);
}

/** Wire angle in degrees at which a rating of `factor` times the weight is just enough: asin(1/(2·factor)). */
export const angleForFactor = (factor: number): number => toDegrees(Math.asin(1 / (2 * factor)));

/** Weight in kg that would pull as hard. */
export const asKilograms = (newtons: number): number => newtons / GRAVITY;
