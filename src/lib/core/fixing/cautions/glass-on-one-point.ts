import { care } from '../said.ts';
import { GLASS_ASKED_KG } from '../../base/figures/people.ts';
import type { CautionRule } from './types.ts';

export const glassOnOnePoint = {
	code: 'glass-on-one-point',
	source: 'common practice',
	find: ({ piece: { letter, glazing }, planned: { hooks }, kg }) =>
		glazing === 'glass' && hooks.length === 1 && kg !== null && kg > GLASS_ASKED_KG
			? care('glass-on-one-point', { letter })
			: null
} as const satisfies CautionRule;
