import { stop, type Caution } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

/** Code of a hook whose load nobody knows, and of the caution that follows. */
export const NOT_CHECKED = 'not-checked';

/** A piece hangs by another back than the one entered now. */
export const notChecked: CautionRule = {
	code: NOT_CHECKED,
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks, trouble }, now }) =>
		now.some((use) => !use.ok && use.error.code === NOT_CHECKED)
			? stop(
					'not-checked',
					trouble
						? `${letter} hangs, and its back as entered is not possible: what its hooks carry is not checked.`
						: `${letter} hangs on ${hooks.length === 1 ? 'one hook' : `${hooks.length} hooks`}, and its back as entered now does not hang that way: what they carry is not checked.`,
					'Enter its back in the Rack as it hangs, or take it down and hang it anew.'
				)
			: null
};

/**
 * Nobody knows how the pieces of a wall are fixed.
 *
 * @param cause why that could not be worked out; null while it is under way.
 */
export const notCheckedYet = (cause: string | null): Caution =>
	stop(
		'not-checked',
		cause === null
			? 'The fixings of this wall are not checked yet.'
			: `The fixings of this wall could not be checked: ${cause}`,
		'Mark and drill nothing before they are.'
	);
