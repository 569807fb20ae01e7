import { failedNear } from './failed.ts';
import { fail } from '../said.ts';
import { CLEAR_OF_MISS_MM } from '../../base/figures/studs.ts';
import type { Result } from '../../base/result.ts';
import { fixingOf, fixings } from '../../catalogue/details/index.ts';
import { bearingToHole, type HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf } from '../../piece/hangers/index.ts';
import type { ToChoose } from './choose.ts';
import { groundAt } from './hole-ground.ts';
import { useOf, type Use } from './holds.ts';
import { rolesOf } from './poses.ts';
import { reusableFixingAt } from './reusable.ts';

/** Everything of the catalogue at one point of a back as it is: how far it would be used there, or why it does not serve. */
export interface HandPoint {
	name: string;
	judged: { kind: HookKind; use: Result<Use> }[];
}

/** The catalogue judged at each point of a piece as it stands; none where its back is not possible or nobody weighed it. */
export function judgeByHand(asked: ToChoose): HandPoint[] {
	const { piece, hungPiece, rules, x, top, made, studs, left, kit, failed } = asked;
	const hanger = hangerOf(piece.back);
	const hung = hanger.solve(piece.back, hungPiece, rules);
	if (!hung.ok) return [];
	return hung.value.points.flatMap((point): HandPoint[] => {
		const { load } = point;
		if (!load) return [];
		const bearing = { x: x + point.x, y: top - point.drop.value };
		const old = reusableFixingAt(left, bearing, kit);
		const judge = (kind: HookKind): Result<Use> => {
			const off = point.hole ?? bearingToHole(kit, kind);
			const hole = { x: bearing.x + off.dx, y: bearing.y + off.dy };
			if (failedNear(failed, fixingOf(kind), hole) !== null)
				return fail('failed-near', { within: CLEAR_OF_MISS_MM });
			return useOf(fixingOf(kind), {
				bed: groundAt(made, studs, hole.x, old),
				...{ roles: rolesOf(hanger), needsHead: hanger.needsHead === true },
				...{ point: { ...point, load }, piece: hungPiece, own: kit[kind] },
				...{ site: asked.site, school: asked.houseRules.school }
			});
		};
		return [
			{
				name: point.name,
				judged: fixings
					.filter(({ left: of }) => !of || of === old?.of)
					.map(({ kind }) => ({ kind, use: judge(kind) }))
			}
		];
	});
}
