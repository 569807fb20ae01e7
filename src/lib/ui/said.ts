import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/entries.ts';

export const fail = failsBy(FAILURES);
