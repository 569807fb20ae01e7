import { mustBeFinite, mustBePositive } from '../../base/check.ts';

/**
 * Pull in N on the nail of a hook whose plate pries it: F + W·p/c.
 *
 * @param pull F, N that the piece itself pulls the hook off the wall.
 * @param weight W, N on the hook.
 * @param standOff p, mm from the wall out to the load.
 * @param toe c, mm from the nail down to the toe of the plate.
 * Throws RangeError when the toe is not below the nail. Source: moments about the toe.
 */
export function nailPull({
	pull,
	weight,
	standOff,
	toe
}: {
	pull: number;
	weight: number;
	standOff: number;
	toe: number;
}): number {
	mustBePositive({ toe });
	mustBeFinite({ pull, weight, standOff });
	return pull + (weight * standOff) / toe;
}
