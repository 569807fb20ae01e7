import { failsBy } from '../result.ts';
import { FAILURES } from '../../../words/en/units.ts';

export const fail = failsBy(FAILURES);
