import { care } from '../said.ts';
import type { CautionRule } from './types.ts';

export const leanedOn: CautionRule = {
	code: 'leaned-on',
	source: 'common practice',
	find: ({ piece: { kind, letter } }) => (kind === 'shelf' ? care('leaned-on', { letter }) : null)
};
