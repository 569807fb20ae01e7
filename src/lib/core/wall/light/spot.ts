import { LAMP_AIM_DEGREES } from '../../base/figures/surroundings.ts';
import { mustBeFinite, mustBePositive } from '../../base/check.ts';
import { toDegrees, toRadians } from '../../base/units/constants.ts';

/**
 * Light of a spot on a vertical wall, lux, and its angle from vertical, degrees: E = I·x/r³, x from the wall, r to the target.
 *
 * @param lampHeight `targetHeight` mm above one level, the lamp higher; `distance` mm from the wall; `sideways` mm;
 * `candela` towards the target.
 * Throws RangeError when the distance is not positive. Source: inverse square and cosine law, the cosine taken from the
 * wall’s normal.
 */
export function spotOnWall({
	lampHeight,
	targetHeight,
	distance,
	sideways = 0,
	candela
}: {
	lampHeight: number;
	targetHeight: number;
	distance: number;
	sideways?: number;
	candela: number;
}): { lux: number; fromVertical: number } {
	mustBePositive({ distance });
	mustBeFinite({ lampHeight, targetHeight, sideways, candela });
	const [x, up, aside] = [distance, lampHeight - targetHeight, sideways].map((mm) => mm / 1000) as [
		number,
		number,
		number
	];
	const r = Math.hypot(x, up, aside);
	return {
		lux: (candela * x) / r ** 3,
		fromVertical: toDegrees(Math.acos(up / r))
	};
}

/**
 * How far from the wall a lamp hangs that meets its target at an angle from vertical, mm: (lamp − target)·tan(angle),
 * and how far the target stands out of the wall.
 * Throws RangeError when the lamp is not above the target. Source: geometry.
 */
export function aimDistance({
	lampHeight,
	targetHeight,
	standsOut = 0,
	fromVertical = LAMP_AIM_DEGREES
}: {
	lampHeight: number;
	targetHeight: number;
	standsOut?: number;
	fromVertical?: number;
}): number {
	const above = lampHeight - targetHeight;
	mustBePositive({ above });
	mustBeFinite({ standsOut, fromVertical });
	return above * Math.tan(toRadians(fromVertical)) + standsOut;
}

/** Candela towards the target that give it so many lux: I = E·r³/x. Throws as `spotOnWall`. */
export function candelaFor(
	lux: number,
	at: Omit<Parameters<typeof spotOnWall>[0], 'candela'>
): number {
	return lux / spotOnWall({ ...at, candela: 1 }).lux;
}
