import { care } from '../said.ts';
import { keptOn } from '../kept-on.ts';
import type { CautionRule } from './types.ts';

export const publicRoom = {
	code: 'public-room',
	source: 'common practice',
	find: ({ piece: { letter, back }, planned: { hooks }, place }) => {
		if (!place.includes('public') || hooks.length === 0) return null;
		const kept = keptOn(
			back,
			hooks.map(({ kind }) => kind)
		);
		return kept === 'locked' ? null : care('public-room', { letter, kept });
	}
} as const satisfies CautionRule;
