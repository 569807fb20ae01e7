import { care } from '../said.ts';
import type { CautionRule } from './types.ts';
import { liftsOff } from './lifts-off.ts';

export const publicRoom = {
	code: 'public-room',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) =>
		place.includes('public') && hooks.some(liftsOff) ? care('public-room', { letter }) : null
} as const satisfies CautionRule;
