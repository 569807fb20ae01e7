import { fail } from '../said.ts';
import type { Point } from '../../base/geometry/line.ts';
import type { Result } from '../../base/result.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import { bearingToHole, type HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf, type Back, type PointLoad, type WallPoint } from '../../piece/hangers/index.ts';
import type { ToChoose } from './to-choose.ts';
import { clearOf, failedNear } from './failed.ts';
import type { HoleGround } from './hole-ground.ts';
import { useOf, type Use } from './holds.ts';
import { rolesOf } from './poses.ts';

/** A point of a back as it comes to lie on the wall. */
export interface OnWall {
	back: Back;
	point: WallPoint & { load: PointLoad };
	bearing: Point;
	bed: HoleGround;
}

/** Where a fixing is drilled or nailed for a point: where the back says, or where the hook has its hole. */
export function holeOf(
	kind: HookKind,
	{ point, bearing }: Pick<OnWall, 'point' | 'bearing'>,
	kit: ToChoose['kit']
): Point {
	const off = point.hole ?? bearingToHole(kit, kind);
	return { x: bearing.x + off.dx, y: bearing.y + off.dy };
}

/** How far a fixing is used at a point, or why it does not serve there. */
export function useAt(
	kind: HookKind,
	on: OnWall,
	{ kit, failed, hungPiece, houseRules, site }: ToChoose
): Result<Use> {
	const fixing = fixingOf(kind);
	const miss = failedNear(failed, fixing, holeOf(kind, on, kit));
	if (miss) return fail('failed-near', { within: clearOf(miss) });
	const hanger = hangerOf(on.back);
	return useOf(fixing, {
		...{ bed: on.bed, point: on.point, site },
		...{ roles: rolesOf(hanger), needsHead: hanger.needsHead === true },
		piece: hungPiece,
		own: kit[kind],
		school: houseRules.school
	});
}
