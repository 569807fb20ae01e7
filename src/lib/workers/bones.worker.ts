import { solveBones } from '../core/index.ts';
import { answerBy } from './answer.ts';

answerBy(solveBones);
