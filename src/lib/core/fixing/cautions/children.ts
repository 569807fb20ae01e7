import { care } from '../said.ts';
import { CHILD_REACH_MM } from '../../base/figures/people.ts';
import type { CautionRule } from './types.ts';

export const children = {
	code: 'children',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { rect }, place }) =>
		place.includes('children') && rect.y < CHILD_REACH_MM && glazing === 'glass'
			? care('children', { letter })
			: null
} as const satisfies CautionRule;
