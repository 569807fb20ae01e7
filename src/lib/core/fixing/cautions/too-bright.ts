import { care } from '../said.ts';
import { luxOn } from '../../wall/light/lux-on.ts';
import { fadesOf } from '../../piece/kinds/fades-of.ts';
import { LIGHT_LIMITS, lightDose } from '../../wall/light/light-dose.ts';
import type { CautionRule } from './types.ts';

/** Too bright at a time, or lit for too long in a year. */
export const tooBright = {
	code: 'too-bright',
	source: 'CIE 157:2004',
	find: ({ piece, wall }) => {
		const fades = fadesOf(piece);
		const lux = luxOn(wall, piece.id);
		if (fades === 'none' || lux === null) return null;
		const { letter } = piece;
		const most = LIGHT_LIMITS[fades].lux;
		if (lux > most) return care('too-bright', { of: 'lux', letter, lux, most, fades });
		const { share } = lightDose({ lux, ...wall.lit, sensitivity: fades });
		return share > 1 ? care('too-bright', { of: 'hours', letter, lux, share, fades }) : null;
	}
} as const satisfies CautionRule;
