import { mustBeFinite } from '../base/check.ts';

/**
 * Centres of pieces in mm that follow a stair, at one height above the line of its nosings.
 * y = above + x·rise/going; the perpendicular distance from that line is above·cos(atan(rise/going)).
 *
 * @param xs along the wall from the nosing the height is told at. Throws RangeError when going is not positive.
 * Source: geometry.
 */
export function stairRun({
	rise,
	going,
	above,
	xs
}: {
	rise: number;
	going: number;
	above: number;
	xs: readonly number[];
}): { angle: number; centres: { x: number; y: number }[]; perpendicular: number } {
	mustBeFinite({ rise, going, above });
	if (going <= 0) throw new RangeError('going must be more than 0');
	const slope = rise / going;
	const radians = Math.atan(slope);
	return {
		angle: (radians * 180) / Math.PI,
		centres: xs.map((x) => ({ x, y: above + x * slope })),
		perpendicular: above * Math.cos(radians)
	};
}
