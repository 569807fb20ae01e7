import { failsBy } from '../base/result.ts';
import { FAILURES } from '../../words/en/day.ts';

export const fail = failsBy(FAILURES);
