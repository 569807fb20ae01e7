import {
	planPaper,
	type CutSheet,
	type Paper,
	type PaperPlan,
	type Result
} from '../core/index.ts';
import { answerBy } from './answer.ts';

export interface PaperQuestion {
	sheets: readonly CutSheet[];
	paper: Paper;
}

answerBy(({ sheets, paper }: PaperQuestion): Result<PaperPlan> => planPaper(sheets, paper));
