import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';
import { liftsOff } from './lifts-off.ts';

export const earthquakes: CautionRule = {
	code: 'earthquakes',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) => {
		if (!place.includes('earthquakes') || hooks.length === 0) return null;
		if (!hooks.some(liftsOff) && hooks.length > 1) return null;
		return care(
			'earthquakes',
			`In an earthquake ${letter} can jump off what it hangs on.`,
			'Use closed hooks at two points, or plates screwed to the wall, and putty at the lower corners. Nothing heavy over a bed or a seat.'
		);
	}
};
