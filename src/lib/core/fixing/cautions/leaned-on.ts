import { care } from '../said.ts';
import type { CautionRule } from './types.ts';

export const leanedOn = {
	code: 'leaned-on',
	source: 'common practice',
	find: ({ piece: { kind, letter } }) => (kind === 'shelf' ? care('leaned-on', { letter }) : null)
} as const satisfies CautionRule;
