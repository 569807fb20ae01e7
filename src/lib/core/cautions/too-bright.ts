import { care } from '../caution.ts';
import { kindOf, type Sensitivity } from '../kinds/index.ts';
import type { CautionRule } from './face.ts';

/** Most light that things bear, lux. Source: CIE 157:2004. */
const BEARS: Record<Exclude<Sensitivity, 'none'>, number> = { high: 50, medium: 200 };
const WHAT = { high: 'works on paper and textiles bear', medium: 'paintings bear' };

export const tooBright: CautionRule = {
	code: 'too-bright',
	source: 'CIE 157:2004',
	find: ({ piece: { letter, kind, glazing }, wall: { lux } }) => {
		const suffers = kindOf(kind).suffers(glazing !== 'none');
		if (suffers === 'none' || lux === null || lux <= BEARS[suffers]) return null;
		return care(
			'too-bright',
			`${Math.round(lux)} lux falls on ${letter}; ${WHAT[suffers]} at most ${BEARS[suffers]}.`,
			'Hang it out of direct sun and not facing a window; shade it, film the window, or hang a copy. Ask a conservator about anything valuable.'
		);
	}
};
