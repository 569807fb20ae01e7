import { ADHESIVE_DAMP_KG } from '../../../base/figures/holding.ts';
import { mustStay } from '../site.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** Adhesive lets go with damp, and nobody should be below it when it does. */
export const glue = {
	code: 'glue',
	source: 'common practice; its limit in damp from memory',
	refuses: ({ fixing: { serves }, kg, site }) => {
		if (!serves.includes('stick')) return null;
		const [why] = mustStay(site);
		if (why && why !== 'public') return REFUSED['glue-over']({ why });
		return site.wet && kg > ADHESIVE_DAMP_KG
			? REFUSED['glue-in-damp']({ most: ADHESIVE_DAMP_KG })
			: null;
	}
} as const satisfies Refusal;
