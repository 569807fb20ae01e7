import { failsBy } from '../base/result.ts';
import { FAILURES } from '../../words/en/marking.ts';

export const fail = failsBy(FAILURES);
