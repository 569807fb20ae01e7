import { care } from '../said.ts';
import type { Caution } from '../../base/caution.ts';
import type { HookKind } from '../../catalogue/facts/index.ts';
import { goesBehind } from './goes-behind.ts';

const RATING = care('rating');
const BEHIND = care('behind');

/** What holds for every fixing in every wall. Common practice. */
export const STANDING_CAUTIONS: readonly Caution[] = [RATING, BEHIND];

/** What holds for what goes in the wall at these hooks: nothing of drilling where nothing is drilled. */
export const ofEveryHole = (hooks: readonly { kind: HookKind }[]): readonly Caution[] =>
	hooks.some(({ kind }) => goesBehind(kind)) ? STANDING_CAUTIONS : [RATING];
