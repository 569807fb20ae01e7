import { care } from '../said.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { CautionRule } from './types.ts';

export const adhesive = {
	code: 'adhesive',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks } }) =>
		hooks.some(({ kind }) => hookOf(kind).role === 'stick') ? care('adhesive', { letter }) : null
} as const satisfies CautionRule;
