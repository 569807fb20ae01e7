import { failsBy } from '../../base/result.ts';
import { FAILURES } from '../../../words/en/studs.ts';

export const fail = failsBy(FAILURES);
