import { fail } from './said.ts';
import { weightToReckon } from '../piece/weight/piece-weight.ts';
import type { Caution } from '../base/caution.ts';
import { fixCautions, halts } from '../fixing/cautions/index.ts';
import { fixingOf, type LeftBehind } from '../catalogue/details/index.ts';
import { groundAt } from '../fixing/choose/hole-ground.ts';
import { clearOf, failedNear } from '../fixing/choose/failed.ts';
import { reusableFixingAt } from '../fixing/choose/reusable.ts';
import { chooseFixings, type FixChoice } from '../fixing/choose/choose.ts';
import type { ToChoose } from '../fixing/choose/to-choose.ts';
import { useOf, withinRule, type Use } from '../fixing/choose/holds.ts';
import { judgeByHand, type HandPoint } from '../fixing/choose/by-hand.ts';
import { siteOf } from '../fixing/choose/site.ts';
import { rolesOf } from '../fixing/choose/poses.ts';
import { centreX, top } from '../base/geometry/rect.ts';
import { leanAt, type Lean } from '../wall/studs/lean.ts';
import { likelyRuns } from '../wall/survey/runs.ts';
import { hangerOf, type PointLoad, type WallPoint } from '../piece/hangers/index.ts';
import type { Piece } from '../piece/piece.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import { activeArrangement, groupOf } from '../model/arrangement.ts';
import type { Result } from '../base/result.ts';
import { failedOn, leftOn } from '../fixing/choose/old-holes.ts';
import { nailPull } from '../piece/statics/prying.ts';
import { hookOf, standOffOf } from '../catalogue/facts/index.ts';
import type { PlannedHook, PlannedPiece } from '../model/planned.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import { piecesById, placeWall } from './place-wall.ts';

/** Studs of a wall that are as good as known: their middles, mm, and how they lean; null where they are plumb. */
export interface Framing {
	studs: readonly number[];
	lean: Lean | null;
}

/** Middles of the studs at the height of a piece’s hooks, mm. */
export function studsBehind(
	{ rect, hooks }: PlannedPiece,
	{ studs, lean }: Framing
): readonly number[] {
	if (!lean) return studs;
	const y = hooks[0]?.hole.y ?? top(rect);
	return studs.map((stud) => stud + leanAt(lean, y));
}

/** How a piece is fixed, and how it could be. */
export interface PieceFix {
	pieceId: string;
	/** A person settled it where it stands now. */
	settled: boolean;
	/** How far each of its hooks, as planned now, is used, or why that is not so; empty where it is not weighed, or has no hooks. */
	currentUses: Result<Use>[];
	choice: Result<FixChoice>;
	/** The whole catalogue judged at each of its points, to choose from by hand. */
	byHand: HandPoint[];
	/** What could happen with it as planned now. */
	cautions: Caution[];
}

/**
 * The *fix* stage: for every piece of a wall how its hooks are used, and complete ways ranked.
 *
 * @param framing what is as good as known of its studs.
 */
export function fixOnWall(project: Project, wall: Wall, framing: Framing): PieceFix[] {
	const known = piecesById(project.pieces);
	const arrangement = activeArrangement(wall);
	const runs = likelyRuns(wall);
	const left = leftOn(wall);
	return placeWall(project, wall).pieces.map((planned): PieceFix => {
		const piece = known.get(planned.pieceId)!;
		const placement = arrangement.placements.find(({ pieceId }) => pieceId === piece.id);
		const studs = studsBehind(planned, framing);
		const asked = toChoose({
			...{ project, wall, studs, runs, left, piece },
			site: siteOf(wall, planned.rect, project.place),
			x: placement?.x ?? centreX(planned.rect),
			top: top(planned.rect),
			movable:
				placement !== undefined && !placement.locked && groupOf(arrangement, piece.id).length < 2
		});
		const now = usesNow(planned, piece, { project, wall, studs, left });
		return {
			pieceId: piece.id,
			settled: planned.settled,
			currentUses: now,
			cautions: fixCautions({
				...{ piece, planned, currentUses: now, wall },
				kg: weightToReckon(piece)?.kg ?? null,
				place: project.place
			}),
			choice: chooseFixings(asked),
			byHand: judgeByHand(asked)
		};
	});
}

/** What a choice is made from, for a piece of a wall at a place. */
export const toChoose = ({
	project: { houseRules, kit, day },
	wall: { id, made },
	...where
}: Pick<ToChoose, 'piece' | 'studs' | 'runs' | 'left' | 'site' | 'x' | 'top' | 'movable'> & {
	project: Project;
	wall: Wall;
}): ToChoose => ({
	...where,
	hungPiece: hungPiece(where.piece),
	rules: houseRules,
	failed: failedOn(day, id),
	...{ made, houseRules, kit }
});

/** What a hook’s plate pulls at its nail, N; 0 where there is no plate, or no weight. */
export function nailPullOf({ kind, load }: PlannedHook, kit: Project['kit']): number {
	const { toe } = hookOf(kind);
	if (toe === undefined || !load) return 0;
	return nailPull({
		pull: load.pull.value,
		weight: load.down.value,
		standOff: standOffOf(kit, kind),
		toe
	});
}

/** Whether every hook as planned now serves, within the house rule. */
export const holdsNow = ({ currentUses: now }: PieceFix): boolean =>
	now.length > 0 && now.every((use) => use.ok && withinRule(use.value.utilisation));

/** Pieces that must not be hung as they are planned, by their ids: what was not checked is one of them. */
export const stoppedBy = (
	pieces: readonly Pick<PlannedPiece, 'pieceId'>[],
	fixes: readonly Pick<PieceFix, 'pieceId' | 'cautions'>[]
): ReadonlySet<string> => {
	const byId = new Map(fixes.map(({ pieceId, cautions }) => [pieceId, cautions]));
	return new Set(
		pieces.flatMap(({ pieceId }) => ((byId.get(pieceId)?.some(halts) ?? true) ? [pieceId] : []))
	);
};

function usesNow(
	{ hooks, hung, hanging, rect }: PlannedPiece,
	piece: Piece,
	{
		project,
		wall,
		studs,
		left
	}: {
		project: Project;
		wall: Wall;
		studs: readonly number[];
		left: readonly LeftBehind[];
	}
): Result<Use>[] {
	const failed = failedOn(project.day, wall.id);
	if (!hung) return hooks.map(() => notChecked);
	const roles = rolesOf(hangerOf(piece.back));
	return hooks.flatMap((hook, index) => {
		const point = hung.points[index]!;
		if (!hasLoad(point)) return [];
		const miss = failedNear(failed, fixingOf(hook.kind), hook.hole);
		if (miss && !hanging && !hook.set) return [fail('failed-here', { within: clearOf(miss) })];
		return [
			useOf(fixingOf(hook.kind), {
				bed: groundAt(
					wall.made,
					studs,
					hook.hole.x,
					reusableFixingAt(left, hook.bearing, project.kit)
				),
				...{ roles, point, site: siteOf(wall, rect, project.place) },
				needsHead: hangerOf(piece.back).needsHead === true,
				piece: hungPiece(piece),
				own: project.kit[hook.kind],
				school: project.houseRules.school
			})
		];
	});
}

const notChecked = fail('not-checked');

const hasLoad = (point: WallPoint): point is WallPoint & { load: PointLoad } => point.load !== null;
