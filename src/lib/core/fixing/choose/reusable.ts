import { ON_OLD_FIXING_MM } from '../../base/figures/studs.ts';
import { fixings, type LeftBehind } from '../../catalogue/details/index.ts';
import { bearingToHole, type HookKind } from '../../catalogue/facts/index.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { Project } from '../../model/project.ts';

const kindOf = ({ of }: LeftBehind): HookKind => fixings.find(({ left }) => left === of)!.kind;

/** Where what was left carries a load. */
export function bearingOf(left: LeftBehind, kit: Project['kit']): Point {
	const { dx, dy } = bearingToHole(kit, kindOf(left));
	return { x: left.at.x - dx, y: left.at.y - dy };
}

/** What was left in the wall right where a point bears; null for nothing. */
export const reusableFixingAt = (
	left: readonly LeftBehind[],
	{ x, y }: Point,
	kit: Project['kit']
): LeftBehind | null =>
	left.find((each) => {
		const bearing = bearingOf(each, kit);
		return Math.hypot(bearing.x - x, bearing.y - y) <= ON_OLD_FIXING_MM;
	}) ?? null;
