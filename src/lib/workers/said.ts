import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/workers.ts';

export const fail = failsBy(FAILURES);
