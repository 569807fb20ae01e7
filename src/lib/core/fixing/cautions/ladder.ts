import { care } from '../said.ts';
import { HAND_REACH_MM } from '../../base/figures/people.ts';
import type { CautionRule } from './types.ts';

export const ladder = {
	code: 'ladder',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks } }) =>
		hooks.some(({ hole }) => hole.y > HAND_REACH_MM) ? care('ladder', { letter }) : null
} as const satisfies CautionRule;
