import { fixingOf } from '../../catalogue/details/index.ts';
import { note } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const rented: CautionRule = {
	code: 'rented',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) => {
		if (!place.includes('rented')) return null;
		const large = hooks.find(({ kind }) => fixingOf(kind).damage.size >= 3);
		return large
			? note(
					'rented',
					`${letter} leaves ${fixingOf(large.kind).damage.is} in a rented wall.`,
					'Ask the owner first, and keep what is needed to mend it.'
				)
			: null;
	}
};
