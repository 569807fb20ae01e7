import { cautionsBy } from '../base/caution.ts';
import { failsBy } from '../base/result.ts';
import { CAUTIONS, FAILURES } from '../../words/en/fixing.ts';

export const fail = failsBy(FAILURES);
export const { stop, care, note } = cautionsBy(CAUTIONS);
