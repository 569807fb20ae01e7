import { HAND_REACH_MM } from '../../base/figures/people.ts';
import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const ladder: CautionRule = {
	code: 'ladder',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks } }) =>
		hooks.some(({ hole }) => hole.y > HAND_REACH_MM)
			? care(
					'ladder',
					`The hooks of ${letter} are out of reach from the floor.`,
					'Use a ladder that stands firm, keep both feet on it and a hand free; never stand on furniture. A second person hands the piece up.'
				)
			: null
};
