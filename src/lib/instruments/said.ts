import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/instruments.ts';

export const fail = failsBy(FAILURES);
