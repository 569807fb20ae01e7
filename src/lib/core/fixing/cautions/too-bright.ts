import { care } from '../said.ts';
import { luxOn } from '../../wall/light/lux-on.ts';
import { fadesOf } from '../../piece/kinds/fades-of.ts';
import { LIGHT_LIMITS } from '../../wall/light/light-dose.ts';
import type { CautionRule } from './types.ts';

export const tooBright = {
	code: 'too-bright',
	source: 'CIE 157:2004',
	find: ({ piece, wall }) => {
		const fades = fadesOf(piece);
		const lux = luxOn(wall, piece.id);
		if (fades === 'none' || lux === null || lux <= LIGHT_LIMITS[fades].lux) return null;
		return care('too-bright', {
			...{ letter: piece.letter, lux, most: LIGHT_LIMITS[fades].lux, fades }
		});
	}
} as const satisfies CautionRule;
