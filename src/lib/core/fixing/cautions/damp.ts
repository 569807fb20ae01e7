import { care } from '../../base/caution.ts';
import { kindOf } from '../../piece/kinds/index.ts';
import type { CautionRule } from './types.ts';

export const damp: CautionRule = {
	code: 'damp',
	source: 'common practice: about 19 C and 50 % relative humidity, steady',
	find: ({ piece: { letter, kind, glazing }, wall: { wet } }) =>
		wet.length > 0 && kindOf(kind).suffers(glazing !== 'none') !== 'none'
			? care(
					'damp',
					`${letter} takes up damp, and a kitchen, bath or heating is ${wet.join(' and ')} this wall.`,
					'Hang it elsewhere, or keep it off the wall by bumpers with a sealed back, and look for mould. Ask a conservator about anything valuable.'
				)
			: null
};
