import { fitWall, type FitWhom, type Project, type StudFit } from '../core/index.ts';
import { solveYesNo } from '../solve/yes-no.ts';
import { answerBy } from './answer.ts';

export interface FitQuestion {
	project: Project;
	wallId: string;
	/** Middles of the studs that are as good as known, mm. */
	studs: readonly number[];
	whom: FitWhom;
}

/** Longer than this nobody waits, s. */
const PATIENCE = 2;

answerBy(async ({ project, wallId, studs, whom }: FitQuestion): Promise<StudFit | null> => {
	const wall = project.walls.find(({ id }) => id === wallId);
	if (!wall) return null;
	const { model, read } = fitWall(project, wall, studs, whom);
	return read(await solveYesNo(model, PATIENCE));
});
