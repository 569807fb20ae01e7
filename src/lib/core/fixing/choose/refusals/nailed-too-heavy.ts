import { NAILED_MOST_KG } from '../../../base/figures/holding.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** Nailed hooks in board or plaster carry little, whatever their packet says; in a stud behind it hardly more. */
export const nailedTooHeavy = {
	code: 'nailed-too-heavy',
	source: 'common practice',
	refuses: ({ fixing: { nails }, kg, bed: { before } }) => {
		if (!nails || (before !== 'board' && before !== 'plaster')) return null;
		const most = NAILED_MOST_KG[nails];
		return kg > most ? REFUSED['nailed-too-heavy']({ nails, most }) : null;
	}
} as const satisfies Refusal;
