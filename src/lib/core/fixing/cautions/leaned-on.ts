import { care } from '../../base/caution.ts';
import type { CautionRule } from './types.ts';

export const leanedOn: CautionRule = {
	code: 'leaned-on',
	source: 'common practice',
	find: ({ piece: { kind, letter } }) =>
		kind === 'shelf'
			? care(
					'leaned-on',
					`People put weight on a shelf: what is chosen for ${letter} counts its own weight alone.`,
					'Weigh it with what will stand on it. Shelves to lean on, televisions and grab bars need framing or blocking and a qualified person.'
				)
			: null
};
