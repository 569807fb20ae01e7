import { failsBy } from '../base/result.ts';
import { FAILURES } from '../../words/en/photo-readings.ts';

export const fail = failsBy(FAILURES);
