import { care } from '../caution.ts';
import { hookOf } from '../fixings/index.ts';
import { LIFTS_OFF } from './earthquakes.ts';
import type { CautionRule } from './face.ts';

export const publicRoom: CautionRule = {
	code: 'public-room',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) =>
		place.includes('public') && hooks.some(({ kind }) => LIFTS_OFF.includes(hookOf(kind).role))
			? care(
					'public-room',
					`Anyone can lift ${letter} off, or knock it off.`,
					'Where the public comes, use security fixings or mirror plates, or keep it out of reach.'
				)
			: null
};
