import { mustBeFinite, mustBePositive } from '../../base/check.ts';
import { toDegrees } from '../../base/units/constants.ts';

/**
 * Load in N on each of two rigid points under a level piece: W(1/2 ∓ e/S).
 *
 * @param massOffset e, mm right of the points' middle; beyond half the span one load is negative (it lifts).
 * Throws RangeError when the span is not positive. Source: moments about either point.
 */
export function twoPointLoads({
	span,
	weight,
	massOffset
}: {
	span: number;
	weight: number;
	massOffset: number;
}): { left: number; right: number } {
	mustBePositive({ span });
	mustBeFinite({ weight, massOffset });
	if (weight < 0) throw new RangeError(`weight must be at least 0, got ${weight}`);
	const shift = massOffset / span;
	return { left: weight * (0.5 - shift), right: weight * (0.5 + shift) };
}

/**
 * Tilt in degrees of a piece on two rigid hooks when the right one is `error` mm too high: asin(error/span).
 * Throws RangeError when |error| > span. Source: geometry.
 */
export function tiltFromHookError({ span, error }: { span: number; error: number }): number {
	mustBePositive({ span });
	mustBeFinite({ error });
	if (Math.abs(error) > span)
		throw new RangeError(`error must not be larger than the span ${span}, got ${error}`);
	return toDegrees(Math.asin(error / span));
}

/**
 * How far in mm to lower the high hook (or raise the low one): S·m/B.
 *
 * @param levelError m, mm by which one end reads high over the length `over` (B) along the top edge.
 * For rigid points only: on a free wire uneven hooks shift the piece and do not tilt it.
 * Throws RangeError when `over` or the span is not positive, or |levelError| > over. Source: similar triangles.
 */
export function hookCorrection({
	span,
	levelError,
	over
}: {
	span: number;
	levelError: number;
	over: number;
}): number {
	mustBePositive({ span });
	mustBePositive({ over });
	mustBeFinite({ levelError });
	if (Math.abs(levelError) > over)
		throw new RangeError(`levelError must not be larger than over ${over}, got ${levelError}`);
	return (span * levelError) / over;
}
