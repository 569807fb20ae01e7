import { care } from '../../base/caution.ts';
import { luxOn } from '../../wall/light/lux-on.ts';
import { fadesOf } from '../../piece/kinds/fades-of.ts';
import { LIGHT_LIMITS } from '../../wall/light/light-dose.ts';
import type { CautionRule } from './types.ts';

const WHAT = {
	high: 'what fades so fast bears',
	medium: 'works on paper bear',
	low: 'paintings bear'
};

export const tooBright: CautionRule = {
	code: 'too-bright',
	source: 'CIE 157:2004',
	find: ({ piece, wall }) => {
		const fades = fadesOf(piece);
		const lux = luxOn(wall, piece.id);
		if (fades === 'none' || lux === null || lux <= LIGHT_LIMITS[fades].lux) return null;
		return care(
			'too-bright',
			`${Math.round(lux)} lux falls on ${piece.letter}; ${WHAT[fades]} at most ${LIGHT_LIMITS[fades].lux}.`,
			'Hang it out of direct sun and not facing a window; shade it, film the window, or hang a copy. Ask a conservator about anything valuable.'
		);
	}
};
