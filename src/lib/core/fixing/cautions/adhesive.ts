import { care } from '../../base/caution.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { CautionRule } from './types.ts';

export const adhesive: CautionRule = {
	code: 'adhesive',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks } }) =>
		hooks.some(({ kind }) => hookOf(kind).role === 'stick')
			? care(
					'adhesive',
					`${letter} is held by glue alone, which lets go with heat, damp, dust or fresh paint.`,
					'Only on sound, clean, smooth paint older than a month, and where a fall hurts nobody; press it again after a day, and look at it twice a year.'
				)
			: null
};
