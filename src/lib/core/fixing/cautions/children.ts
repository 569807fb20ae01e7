import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

/** Lower than this a small child reaches it, mm: from memory. */
const CHILD = 1200;

export const children: CautionRule = {
	code: 'children',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { rect }, place }) =>
		place.includes('children') && rect.y < CHILD && glazing === 'glass'
			? care(
					'children',
					`A child can reach ${letter}, and it has glass.`,
					'Hang it higher, fix it at two points that cannot unhook, or change its glass for acrylic.'
				)
			: null
};
