import type { Project } from '../model/project.ts';
import { ok, type Result } from '../result.ts';
import { solveBones, type Bones } from './bones.ts';
import { planForPage, type WallPlan } from './plan-for-page.ts';
import { mayHaveStuds, studFacts } from './stud-facts.ts';

/** Everything derived for one wall. */
export interface WholePlan extends WallPlan {
	/** What is known of its studs; null in solid walls. */
	bones: Bones | null;
}

/**
 * The whole plan of a wall: hooks, loads, cautions, marks and studs, from stored facts alone.
 * Error: `no-such-wall`. An impossible back is no error of the plan: its piece carries the trouble and has no hooks.
 */
export function planWall(project: Project, wallId: string): Result<WholePlan> {
	const plan = planForPage(project, wallId);
	if (!plan.ok) return plan;
	const wall = project.walls.find(({ id }) => id === wallId)!;
	return ok({ ...plan.value, bones: mayHaveStuds(wall) ? solveBones(studFacts(wall)) : null });
}
