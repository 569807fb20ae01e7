import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const weightUnknown: CautionRule = {
	code: 'weight-unknown',
	source: 'common practice',
	find: ({ piece: { letter }, kg }) =>
		kg !== null
			? null
			: care(
					'weight-unknown',
					`Nobody knows what ${letter} weighs, so nothing says what may hold it.`,
					'Stand on a scale with it and without it, or describe it in the Rack for an estimate.'
				)
};
