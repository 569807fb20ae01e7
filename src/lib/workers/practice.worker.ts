import {
	practiceScore,
	searchByAdvice,
	searchByQuarters,
	type HiddenWall,
	type PracticeScore
} from '../core/index.ts';
import { answerBy } from './answer.ts';

/** How a practice wall is searched by advice alone, and nails of a plain search. */
export interface Others {
	advice: PracticeScore;
	quarters: number;
}

/** Readings of the advised search differ from the person's own. */
const SEED = 1;

answerBy((wall: HiddenWall): Others => {
	const { tries, estimate } = searchByAdvice(wall, SEED);
	const named = estimate?.studs.map(({ x }) => x) ?? [];
	return {
		advice: practiceScore(wall, tries, named),
		quarters: searchByQuarters(wall)
	};
});
