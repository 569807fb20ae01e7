import { failsBy } from '../core/index.ts';
import { FAILURES } from '../words/en/photos.ts';

export const fail = failsBy(FAILURES);
