import { groupsOf } from '../../../layout/groups.ts';
import { movedBy } from '../../../model/placed.ts';
import type { Project } from '../../../model/project.ts';
import { planWallFast } from '../../../plan/plan-wall-fast.ts';
import { onWall, withPlacement } from './on-project.ts';

/**
 * Piece by piece, the rest of a group follows the first of it that hangs: nobody sees where a line is, but everybody sees
 * what is off it. Pieces that have a hook in the wall stay as they are planned.
 *
 * @param by mm that the piece came to hang off its plan.
 */
export function follow(
	project: Project,
	{ pieceId, wallId }: { pieceId: string; wallId: string },
	by: { dx: number; dy: number }
): Project {
	const wall = project.walls.find(({ id }) => id === wallId);
	if (!wall?.tape.hung || (by.dx === 0 && by.dy === 0)) return project;
	const plan = planWallFast(project, wallId);
	if (!plan.ok) return project;
	const group = groupsOf(plan.value.pieces).find((all) =>
		all.some((each) => each.pieceId === pieceId)
	);
	const others = (group ?? []).filter((each) => each.pieceId !== pieceId);
	if (others.some(({ hanging }) => hanging)) return project;
	const free = others.filter(({ hooks }) => hooks.every(({ set }) => !set));
	return onWall(project, wallId, (wall) =>
		free.reduce(
			(changed, { pieceId, rect }) =>
				withPlacement(changed, pieceId, (placement) => ({
					...placement,
					...movedBy(placement, by, rect)
				})),
			wall
		)
	);
}
