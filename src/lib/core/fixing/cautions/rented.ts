import { note } from '../said.ts';
import { fixingOf } from '../../catalogue/details/index.ts';
import type { CautionRule } from './types.ts';

export const rented = {
	code: 'rented',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) => {
		if (!place.includes('rented')) return null;
		const large = hooks.find(({ kind }) => fixingOf(kind).damage.size >= 3);
		return large ? note('rented', { letter, damage: fixingOf(large.kind).damage.is }) : null;
	}
} as const satisfies CautionRule;
