import { care } from '../said.ts';
import type { CautionRule } from './types.ts';

export const weightUnknown = {
	code: 'weight-unknown',
	source: 'common practice',
	find: ({ piece: { letter }, kg }) => (kg !== null ? null : care('weight-unknown', { letter }))
} as const satisfies CautionRule;
