import { fitWall, type FitWhom, type Framing, type Project, type StudFit } from '../core/index.ts';
import { solveYesNo } from '../solve/yes-no.ts';
import { answerBy } from './answer.ts';

export interface FitQuestion {
	project: Project;
	wallId: string;
	framing: Framing;
	whom: FitWhom;
}

/** Longer than this nobody waits, s. */
const PATIENCE = 2;

answerBy(async ({ project, wallId, framing, whom }: FitQuestion): Promise<StudFit | null> => {
	const wall = project.walls.find(({ id }) => id === wallId);
	if (!wall) return null;
	const { model, read } = fitWall(project, wall, framing, whom);
	return read(await solveYesNo(model, PATIENCE));
});
