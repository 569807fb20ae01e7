import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

/** Higher than this a hand wants a step, mm: from memory. */
export const HAND_REACH = 1900;

export const ladder: CautionRule = {
	code: 'ladder',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks } }) =>
		hooks.some(({ hole }) => hole.y > HAND_REACH)
			? care(
					'ladder',
					`The hooks of ${letter} are out of reach from the floor.`,
					'Use a ladder that stands firm, keep both feet on it and a hand free; never stand on furniture. A second person hands the piece up.'
				)
			: null
};
