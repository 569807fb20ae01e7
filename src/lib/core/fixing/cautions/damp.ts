import { care } from '../said.ts';
import { kindOf } from '../../piece/kinds/index.ts';
import type { CautionRule } from './types.ts';

export const damp = {
	code: 'damp',
	source: 'common practice: about 19 C and 50 % relative humidity, steady',
	find: ({ piece: { letter, kind, glazing }, wall: { wet } }) =>
		wet.length > 0 && kindOf(kind).suffers(glazing !== 'none') !== 'none'
			? care('damp', { letter, wet })
			: null
} as const satisfies CautionRule;
