import { failsBy } from '../base/result.ts';
import { FAILURES } from '../../words/en/layout.ts';

export const fail = failsBy(FAILURES);
