import {
	fixOnWall,
	knownStuds,
	mayHaveStuds,
	solveBones,
	studFacts,
	type PieceFix,
	type Project
} from '../core/index.ts';
import { answerBy } from './answer.ts';

export interface FixQuestion {
	project: Project;
	/** Walls by their id, with the middles of the studs that are as good as known; null to reckon them first. */
	walls: { id: string; studs: readonly number[] | null }[];
}

/** By the ids of the walls. */
export type FixAnswer = Record<string, PieceFix[]>;

answerBy(({ project, walls }: FixQuestion): FixAnswer =>
	Object.fromEntries(
		walls.flatMap(({ id, studs }) => {
			const wall = project.walls.find((each) => each.id === id);
			if (!wall) return [];
			const known = studs ?? knownStuds(mayHaveStuds(wall) ? solveBones(studFacts(wall)) : null);
			return [[id, fixOnWall(project, wall, known)]];
		})
	)
);
