import type { Stairs } from './schemas.ts';

/** Where a flight begins and ends along the wall, mm: from its left to its right end. */
export function stairsSpan({ x, up, going, steps }: Stairs): [left: number, right: number] {
	const run = going * steps;
	return up === 'right' ? [x, x + run] : [x - run, x];
}

/** Height of the tread at a place along the wall above the foot of the stairs, mm; 0 before them, the top landing after. */
export function treadAt({ x, up, rise, going, steps }: Stairs, at: number): number {
	const along = up === 'right' ? at - x : x - at;
	if (along < 0) return 0;
	return Math.min(Math.floor(along / going + 1e-9) + 1, steps) * rise;
}

/** Angle of the flight above level, degrees: atan(rise / going). */
export const rakeOf = ({ rise, going }: Stairs): number =>
	(Math.atan(rise / going) * 180) / Math.PI;
