import { RIBBED_PLUG_CAREFUL_KG, RIBBED_PLUG_KG } from '../../../base/figures/holding.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** A ribbed plug is made for masonry: board holds it for light pieces. */
export const ribbedPlugInBoard = {
	code: 'ribbed-plug',
	source: 'common practice; practitioners differ',
	refuses: ({ fixing: { forMasonry }, kg, bed: { ground }, school }) => {
		if (!forMasonry || ground !== 'board') return null;
		const most = school === 'careful' ? RIBBED_PLUG_CAREFUL_KG : RIBBED_PLUG_KG;
		return kg > most ? REFUSED['ribbed-plug']({ most }) : null;
	}
} as const satisfies Refusal;
