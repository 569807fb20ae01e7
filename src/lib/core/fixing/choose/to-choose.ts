import type { HouseRules } from '../../model/house-rules.ts';
import type { Project } from '../../model/project.ts';
import type { Made } from '../../wall/substrates/index.ts';
import type { Run } from '../../wall/survey/runs.ts';
import type { Standing } from './poses.ts';

/** What the choice for a piece is made from: where it stands, its wall, and the rules of the house. */
export interface ToChoose extends Standing {
	made: Made;
	houseRules: HouseRules;
	kit: Project['kit'];
	/** Where cables and pipes are likely. */
	runs: readonly Run[];
}
