import { failsBy } from './result.ts';
import { FAILURES } from '../../words/en/numbers.ts';

export const fail = failsBy(FAILURES);
