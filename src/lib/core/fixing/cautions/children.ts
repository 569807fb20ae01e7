import { CHILD_REACH_MM } from '../../base/figures/people.ts';
import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const children: CautionRule = {
	code: 'children',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { rect }, place }) =>
		place.includes('children') && rect.y < CHILD_REACH_MM && glazing === 'glass'
			? care(
					'children',
					`A child can reach ${letter}, and it has glass.`,
					'Hang it higher, fix it at two points that cannot unhook, or change its glass for acrylic.'
				)
			: null
};
