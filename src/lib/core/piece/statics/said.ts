import { failsBy } from '../../base/result.ts';
import { FAILURES } from '../../../words/en/statics.ts';

export const fail = failsBy(FAILURES);
