import { stop } from '../said.ts';
import { HAND_REACH_MM, LADDER_LIFT_KG } from '../../base/figures/people.ts';
import type { CautionRule } from './types.ts';

/** Nobody carries so much up a ladder. */
export const fromLadder = {
	code: 'from-ladder',
	source: 'the load constant of the NIOSH lifting equation, 1991, and common practice',
	find: ({ piece: { letter }, planned: { hooks }, kg }) =>
		kg !== null && kg > LADDER_LIFT_KG && hooks.some(({ hole }) => hole.y > HAND_REACH_MM)
			? stop('from-ladder', { letter, most: LADDER_LIFT_KG })
			: null
} as const satisfies CautionRule;
