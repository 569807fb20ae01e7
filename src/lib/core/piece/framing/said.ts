import { failsBy } from '../../base/result.ts';
import { FAILURES } from '../../../words/en/framing.ts';

export const fail = failsBy(FAILURES);
