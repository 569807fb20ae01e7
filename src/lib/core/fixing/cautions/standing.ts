import { care } from '../said.ts';
import type { Caution } from '../../base/caution.ts';

/** What holds for every hole in every wall. Common practice. */
export const STANDING_CAUTIONS: readonly Caution[] = [care('rating'), care('behind')];
