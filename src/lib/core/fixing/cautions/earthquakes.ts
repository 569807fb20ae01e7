import { care } from '../said.ts';
import { keptOn } from '../kept-on.ts';
import type { CautionRule } from './types.ts';

export const earthquakes = {
	code: 'earthquakes',
	source: 'common practice',
	find: ({ piece: { letter, back }, planned: { hooks }, place }) => {
		if (!place.includes('earthquakes') || hooks.length === 0) return null;
		const kept = keptOn(
			back,
			hooks.map(({ kind }) => kind)
		);
		if (kept === 'locked' || kept === 'closed') return null;
		return care('earthquakes', { letter, keeper: kept === 'with-keeper' });
	}
} as const satisfies CautionRule;
