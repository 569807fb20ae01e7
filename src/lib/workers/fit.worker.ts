import { fail } from './said.ts';
import {
	fitWall,
	ok,
	type FitGaps,
	type FitScope,
	type Framing,
	type Project,
	type Result,
	type StudFit
} from '../core/index.ts';
import { solveYesNo } from '../solve/yes-no.ts';
import { answerBy } from './answer.ts';

export interface FitQuestion {
	project: Project;
	wallId: string;
	framing: Framing;
	whom: FitScope;
	gaps: FitGaps;
	/** Address of the solver: a page’s own, so that it is there without a network. */
	solver: string;
}

/** Longer than this nobody waits, s. */
const PATIENCE = 2;

answerBy(
	async ({
		project,
		wallId,
		framing,
		whom,
		gaps,
		solver
	}: FitQuestion): Promise<Result<StudFit>> => {
		const wall = project.walls.find(({ id }) => id === wallId);
		if (!wall) return fail('no-such-wall', {}, 'wallId');
		const { model, read } = fitWall(project, wall, framing, whom, gaps);
		try {
			return ok(read(await solveYesNo(model, PATIENCE, solver)));
		} catch {
			return fail('no-solver');
		}
	}
);
