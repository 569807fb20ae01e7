import { care } from '../caution.ts';
import { hookOf } from '../fixings/index.ts';
import type { CautionRule } from './face.ts';

export const earthquakes: CautionRule = {
	code: 'earthquakes',
	source: 'common practice',
	find: ({ piece: { letter }, planned: { hooks }, place }) => {
		if (!place.includes('earthquakes') || hooks.length === 0) return null;
		const loose = hooks.some(({ kind }) => LIFTS_OFF.includes(hookOf(kind).role));
		if (!loose && hooks.length > 1) return null;
		return care(
			'earthquakes',
			`In an earthquake ${letter} can jump off what it hangs on.`,
			'Use closed hooks at two points, or plates screwed to the wall, and putty at the lower corners. Nothing heavy over a bed or a seat.'
		);
	}
};

/** What a piece is lifted off without a tool. */
export const LIFTS_OFF: readonly string[] = ['hook', 'shank', 'cord', 'batten'];
