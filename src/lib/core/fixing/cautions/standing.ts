import { care } from '../said.ts';
import type { Caution } from '../../base/caution.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';

const RATING = care('rating');
const BEHIND = care('behind');

/** What holds for every fixing in every wall. Common practice. */
export const STANDING_CAUTIONS: readonly Caution[] = [RATING, BEHIND];

/** Whether a hook goes through the face of the wall: strips, cords and pin pricks do not. */
export const goesBehind = (kind: HookKind): boolean =>
	hookOf(kind).puts === 'hole' && !fixingOf(kind).shallow;

/** What holds for what goes in the wall at these hooks: nothing of drilling where nothing is drilled. */
export const ofEveryHole = (hooks: readonly { kind: HookKind }[]): readonly Caution[] =>
	hooks.some(({ kind }) => goesBehind(kind)) ? STANDING_CAUTIONS : [RATING];
