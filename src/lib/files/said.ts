import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/files.ts';

export const fail = failsBy(FAILURES);
