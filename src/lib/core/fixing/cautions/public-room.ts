import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';
import { liftsOff } from './lifts-off.ts';

export const publicRoom: CautionRule = {
	code: 'public-room',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) =>
		place.includes('public') && hooks.some(liftsOff)
			? care(
					'public-room',
					`Anyone can lift ${letter} off, or knock it off.`,
					'Where the public comes, use security fixings or mirror plates, or keep it out of reach.'
				)
			: null
};
