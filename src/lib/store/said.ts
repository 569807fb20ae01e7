import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/store.ts';

export const fail = failsBy(FAILURES);
