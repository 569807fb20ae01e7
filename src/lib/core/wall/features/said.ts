import { cautionsBy } from '../../base/caution.ts';
import { CAUTIONS } from '../../../words/en/features.ts';

export const { stop, care, note } = cautionsBy(CAUTIONS);
