import { care } from '../said.ts';
import type { CautionRule } from './types.ts';
import { liftsOff } from './lifts-off.ts';

export const earthquakes = {
	code: 'earthquakes',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) => {
		if (!place.includes('earthquakes') || hooks.length === 0) return null;
		if (!hooks.some(liftsOff) && hooks.length > 1) return null;
		return care('earthquakes', { letter });
	}
} as const satisfies CautionRule;
