import { failsBy } from '../base/result.ts';
import { FAILURES } from '../../words/en/project.ts';

export const fail = failsBy(FAILURES);
