import { CLEAR_OF_MISS_MM } from '../../base/figures/studs.ts';
import type { Fixing } from '../../catalogue/details/index.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { Met } from '../../model/day.ts';

/** A place on a wall where a hole met something other than what it was made for. */
export interface FailedPlace {
	at: Point;
	met: Met;
}

/** How far away a place failed for a fixing, mm; null where none bars it. Wood bars only what has to open behind the wall. */
export function failedNear(
	failed: readonly FailedPlace[],
	{ kind, clearanceDepth: behind }: Pick<Fixing, 'kind' | 'clearanceDepth'>,
	hole: Point
): number | null {
	if (hookOf(kind).puts !== 'hole') return null;
	const away = failed
		.filter(({ met }) => met !== 'wood' || behind > 0)
		.map(({ at }) => Math.hypot(at.x - hole.x, at.y - hole.y))
		.filter((distance) => distance < CLEAR_OF_MISS_MM);
	return away.length > 0 ? Math.min(...away) : null;
}
