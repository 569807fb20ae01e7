import { stop } from '../said.ts';
import type { Caution } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

/** Code of a hook whose load nobody knows, and of the caution that follows. */
export const NOT_CHECKED = 'not-checked';

/** A piece hangs by another back than the one entered now. */
export const notChecked = {
	code: NOT_CHECKED,
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks, trouble }, currentUses: now }) =>
		now.some((use) => !use.ok && use.error.code === NOT_CHECKED)
			? stop('not-checked', {
					of: 'piece',
					letter,
					impossible: trouble !== null,
					hooks: hooks.length
				})
			: null
} as const satisfies CautionRule;

/**
 * Nobody knows how the pieces of a wall are fixed.
 *
 * @param cause why that could not be worked out; null while it is under way.
 */
export const notCheckedYet = (cause: string | null): Caution =>
	stop('not-checked', { of: 'wall', cause });
