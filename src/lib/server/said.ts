import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/server.ts';

export const fail = failsBy(FAILURES);
