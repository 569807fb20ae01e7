import { cautionsBy } from '../../base/caution.ts';
import { CAUTIONS } from '../../../words/en/substrates.ts';

export const { stop, care, note } = cautionsBy(CAUTIONS);
