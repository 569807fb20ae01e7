import { care, stop } from '../said.ts';
import { kindOf } from '../../piece/kinds/index.ts';
import { soundsHeld } from '../../../words/en/held.ts';
import type { CautionRule } from './types.ts';

/** What people hold, load or stand on carries more than it weighs; a name that sounds like it is asked about. */
export const notForThis = {
	code: 'not-for-this',
	source: 'common practice',
	find: ({ piece: { kind, letter, name } }) => {
		if (kindOf(kind).refused) return stop('not-for-this', { of: 'it', letter });
		const said = soundsHeld(name);
		return said ? care('not-for-this', { of: 'perhaps', letter, said }) : null;
	}
} as const satisfies CautionRule;
