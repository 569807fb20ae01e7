import type { Project } from '../model/project.ts';
import { ok, type Result } from '../base/result.ts';
import { solveBones, type Bones } from './studs.ts';
import { knownLean, knownStuds } from './known-studs.ts';
import { fixOnWall, type PieceFix } from './fix.ts';
import type { Landing } from './landing.ts';
import { landingsOn } from './landings-on.ts';
import { planWallFast, type WallPlan } from './plan-wall-fast.ts';
import { mayHaveStuds, studFacts } from './stud-facts.ts';

/** Everything derived for one wall. */
export interface FullPlan extends WallPlan {
	/** What is known of its studs; null in solid walls. */
	bones: Bones | null;
	/** How each piece is fixed, and the ways it could be. */
	fixes: PieceFix[];
	/** How far from its plan each piece may hang. */
	landings: Landing[];
}

/**
 * The whole plan of a wall: hooks, loads, cautions, marks, studs and fixings, from stored facts alone.
 * Error: `no-such-wall`. An impossible back is no error of the plan: its piece carries the trouble and has no hooks.
 */
export function planWall(project: Project, wallId: string): Result<FullPlan> {
	const plan = planWallFast(project, wallId);
	if (!plan.ok) return plan;
	const wall = project.walls.find(({ id }) => id === wallId)!;
	const bones = mayHaveStuds(wall) ? solveBones(studFacts(wall, project.houseRules)) : null;
	return ok({
		...plan.value,
		bones,
		landings: landingsOn(project, plan.value),
		fixes: fixOnWall(project, wall, { studs: knownStuds(bones), lean: knownLean(bones) })
	});
}
