import { fixOnWall, ok, fail, type PieceFix, type Project, type Result } from '../core/index.ts';
import { answerBy } from './answer.ts';

export interface FixQuestion {
	project: Project;
	wallId: string;
	studs: readonly number[];
}

answerBy(({ project, wallId, studs }: FixQuestion): Result<PieceFix[]> => {
	const wall = project.walls.find(({ id }) => id === wallId);
	return wall
		? ok(fixOnWall(project, wall, studs))
		: fail('no-such-wall', 'This project has no such wall.', 'wallId');
});
