import {
	fixOnWall,
	knownLean,
	knownStuds,
	mayHaveStuds,
	solveBones,
	studFacts,
	type Framing,
	type PieceFix,
	type Project,
	type Wall
} from '../core/index.ts';
import { answerBy } from './answer.ts';

export interface FixQuestion {
	project: Project;
	/** Walls by their id, with what is as good as known of their studs; null to reckon them first. */
	walls: { id: string; framing: Framing | null }[];
}

/** By the ids of the walls. */
export type FixAnswer = Record<string, PieceFix[]>;

function framingOf(wall: Wall, rules: Project['houseRules']): Framing {
	const bones = mayHaveStuds(wall) ? solveBones(studFacts(wall, rules)) : null;
	return { studs: knownStuds(bones), lean: knownLean(bones) };
}

answerBy(({ project, walls }: FixQuestion): FixAnswer =>
	Object.fromEntries(
		walls.flatMap(({ id, framing }) => {
			const wall = project.walls.find((each) => each.id === id);
			if (!wall) return [];
			return [[id, fixOnWall(project, wall, framing ?? framingOf(wall, project.houseRules))]];
		})
	)
);
