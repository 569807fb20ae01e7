import { fail } from './said.ts';
import { firstInvalid, mustBePositive } from '../../base/check.ts';
import { ok, type Result } from '../../base/result.ts';

export interface CleatLoads {
	/** N down on each screw; negative where it would lift. */
	shear: number[];
	/** N off the wall at each screw. */
	pull: number[];
	warnings: 'screw-lifts'[];
}

/** Screws nearer to each other than this hold like one, mm. A choice: no two screws can be driven so. */
const TOGETHER = 1;

/**
 * Shear and pull in N on each screw of a cleat's wall half, taken as rigid.
 *
 * V_i = W/N + W(e−x̄)(x_i−x̄)/Σ(x−x̄)²; pull total W·t/h, shared in the same proportion.
 *
 * @param screws places in mm along the rail; `massOffset` e on the same axis; `massFromWall` t;
 * `heightAboveSpacer` h, from the spacer at the bottom up to the screw line.
 * Errors: `no-screws`, `one-screw-off-mass` (one screw, or several in one place, and the mass not under it), sizes not positive.
 * Source: rigid rail on equal springs (energy); moments about the spacer.
 */
export function cleatLoads({
	screws,
	weight,
	massOffset,
	massFromWall,
	heightAboveSpacer
}: {
	screws: number[];
	weight: number;
	massOffset: number;
	massFromWall: number;
	heightAboveSpacer: number;
}): Result<CleatLoads> {
	const refused = firstInvalid([
		...screws.map((value) => ({ name: 'screws', value })),
		{ name: 'weight', value: weight, min: 0 },
		{ name: 'massOffset', value: massOffset },
		{ name: 'massFromWall', value: massFromWall, min: 0 },
		{ name: 'heightAboveSpacer', value: heightAboveSpacer, min: 0, open: true }
	]);
	if (refused) return refused;
	if (screws.length === 0) return fail('no-screws', {}, 'screws');
	const middle = screws.reduce((sum, x) => sum + x, 0) / screws.length;
	const spread = screws.reduce((sum, x) => sum + (x - middle) ** 2, 0);
	const off = massOffset - middle;
	const asOne = spread < TOGETHER ** 2;
	if (asOne && Math.abs(off) > 1e-9) return fail('one-screw-off-mass', {}, 'screws');
	const share = (x: number): number =>
		1 / screws.length + (asOne ? 0 : (off * (x - middle)) / spread);
	const total = (weight * massFromWall) / heightAboveSpacer;
	const shear = screws.map((x) => weight * share(x));
	return ok({
		shear,
		pull: screws.map((x) => total * share(x)),
		warnings: shear.some((load) => load < 0) ? ['screw-lifts'] : []
	});
}

/**
 * Pull off the wall in N of all screws of a wall half together, whose screws go in half way up it.
 *
 * P = (W·t/2 + H·h)/(h/2): the weight W bears on the middle of the bevel, t/2 off the wall; the piece draws the top edge
 * off by H; the half turns about its lower edge. Throws RangeError when thickness or height is not above 0.
 *
 * @param pull H in N. @param thickness t in mm. @param height h in mm.
 * Source: moments about the lower edge.
 */
export function wallHalfPull({
	weight,
	pull,
	thickness,
	height
}: {
	weight: number;
	pull: number;
	thickness: number;
	height: number;
}): number {
	mustBePositive({ thickness, height });
	return (weight * (thickness / 2) + pull * height) / (height / 2);
}

/**
 * Stud centres in mm that a rail from `left`, `width` long, covers with `margin` to spare at each end.
 * Always two only if the rail is at least 2·pitch + 2·margin long. Throws RangeError on sizes below 0.
 * Covered: left + margin ≤ stud ≤ left + width − margin. Source: geometry.
 */
export function studsUnder({
	left,
	width,
	studs,
	margin
}: {
	left: number;
	width: number;
	studs: readonly number[];
	margin: number;
}): number[] {
	for (const [name, value] of Object.entries({ width, margin }))
		if (!(value >= 0)) throw new RangeError(`${name} must be at least 0, got ${value}`);
	return studs.filter((centre) => centre >= left + margin && centre <= left + width - margin);
}
