import { mustBeFinite } from '../../base/check.ts';
import { toDegrees } from '../../base/units/constants.ts';
import { bisect } from './solve.ts';

/** Steepest lean looked for, radians. */
const STEEPEST = Math.PI / 3;

/**
 * Lean of a hung piece off the wall, and the outward pull on its hooks.
 *
 * Side view about the bottom back edge, which rests on the wall. With u = height − ringDrop and r = ringStandOff
 * the ring lies at x = u·sin φ − r·cos φ, z = u·cos φ + r·sin φ; the wire is a link of length `rise` from the ring
 * to the hook, which stands p = hookStandOff off the wall; the piece takes the lowest pose, in which the link, the
 * weight and the push at the bottom edge balance. Lengths in mm, weight in N; lean in degrees, topGap in mm,
 * pull in N: F = W(x_cg − p)/h, h the hook above the bottom edge.
 * Leaving out rise and ringStandOff makes the lean 37 to 60 % too small.
 * Throws RangeError on sizes that are not positive or a ring drop outside the height. Source: statics.
 */
export function leanPull({
	weight,
	height,
	depth,
	ringDrop,
	rise,
	ringStandOff,
	hookStandOff,
	massAboveBottom = height / 2
}: {
	weight: number;
	height: number;
	depth: number;
	ringDrop: number;
	rise: number;
	ringStandOff: number;
	hookStandOff: number;
	massAboveBottom?: number;
}): { lean: number; topGap: number; pull: number } {
	mustBeFinite({
		weight,
		height,
		depth,
		ringDrop,
		rise,
		ringStandOff,
		hookStandOff,
		massAboveBottom
	});
	if (height <= 0 || weight <= 0) throw new RangeError('height and weight must be more than 0');
	if (ringDrop < 0 || ringDrop >= height)
		throw new RangeError(`ringDrop must lie within the height ${height}, got ${ringDrop}`);
	if (Math.min(depth, rise, ringStandOff, hookStandOff) < 0)
		throw new RangeError('depth, rise and stand-offs must be at least 0');

	const u = height - ringDrop;
	const ring = (lean: number) => ({
		x: u * Math.sin(lean) - ringStandOff * Math.cos(lean),
		z: u * Math.cos(lean) + ringStandOff * Math.sin(lean)
	});
	const mass = (lean: number) => massFromWall(lean, depth, massAboveBottom);
	/** Moment about the bottom edge left over when the link carries the whole weight. */
	const moment = (lean: number): number => {
		const { x, z } = ring(lean);
		const acrossLink = x - hookStandOff;
		const alongLink = Math.sqrt(Math.max(rise * rise - acrossLink * acrossLink, 0));
		return acrossLink * z - alongLink * (mass(lean) - x);
	};
	const reach = Math.asin(Math.min((rise + hookStandOff + ringStandOff) / u, Math.sin(STEEPEST)));
	const lean = moment(0) >= 0 ? 0 : bisect(moment, 0, reach);
	const { x, z } = ring(lean);
	const hookAboveBottom = z + Math.sqrt(Math.max(rise * rise - (x - hookStandOff) ** 2, 0));
	return {
		lean: toDegrees(lean),
		topGap: height * Math.sin(lean),
		pull: (weight * (mass(lean) - hookStandOff)) / hookAboveBottom
	};
}

/** Centre of mass off the wall: half the depth forward of the back, tipped by the lean. */
function massFromWall(lean: number, depth: number, massAboveBottom: number): number {
	return (depth / 2) * Math.cos(lean) + massAboveBottom * Math.sin(lean);
}
