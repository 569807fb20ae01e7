import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** A slot or a hole slips off a nail without a head. */
export const noHead = {
	code: 'no-head',
	source: 'common practice',
	refuses: ({ fixing: { headless }, needsHead }) =>
		headless && needsHead ? REFUSED['no-head']() : null
} as const satisfies Refusal;
