import { ASIDE_OF_SCREW_MM, ASIDE_REACH, CLEAR_OF_MISS_MM } from '../../base/figures/studs.ts';
import type { Fixing } from '../../catalogue/details/index.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { Met } from '../../model/day.ts';

/** A place on a wall where a hole met something other than what it was made for. */
export interface FailedPlace {
	at: Point;
	met: Met;
	/** What was to go there; null where nobody noted it. */
	hook: HookKind | null;
}

/** No new hole is made nearer than this to a place that failed, by what was met there, mm. */
const CLEAR = {
	nothing: CLEAR_OF_MISS_MM,
	wood: CLEAR_OF_MISS_MM,
	screw: ASIDE_OF_SCREW_MM,
	metal: CLEAR_OF_MISS_MM,
	pipe: CLEAR_OF_MISS_MM
} as const satisfies Record<Met, number>;
export const clearOf = ({ met }: Pick<FailedPlace, 'met'>): number => CLEAR[met];

/** Whether holes are those of a place that failed, moved just aside, each for the hook that was to go there. */
export const isAside = (
	failed: readonly FailedPlace[],
	points: readonly { hook: HookKind; hole: Point | null }[]
): boolean =>
	failed.some(
		(each) =>
			each.met !== 'wood' &&
			points.every(({ hook }) => hook === each.hook) &&
			points.some(
				({ hole }) =>
					hole && Math.hypot(each.at.x - hole.x, each.at.y - hole.y) < ASIDE_REACH * clearOf(each)
			)
	);

/** The failed place that bars a hole for a fixing, the nearest first; null where none does. Wood bars only what has to open behind the wall. */
export function failedNear(
	failed: readonly FailedPlace[],
	{ kind, clearanceDepth: behind }: Pick<Fixing, 'kind' | 'clearanceDepth'>,
	hole: Point
): FailedPlace | null {
	if (hookOf(kind).puts !== 'hole') return null;
	const away = ({ at }: FailedPlace) => Math.hypot(at.x - hole.x, at.y - hole.y);
	const [nearest] = failed
		.filter((each) => (each.met !== 'wood' || behind > 0) && away(each) < clearOf(each))
		.sort((a, b) => away(a) - away(b));
	return nearest ?? null;
}
