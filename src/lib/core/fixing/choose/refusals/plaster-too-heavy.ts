import { PLASTER_HAMMER_KG } from '../../../base/figures/holding.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** Lath and plaster: keys break behind a hammer, and a plug holds in what crumbles. Studs and toggles carry the rest. */
export const plasterTooHeavy = {
	code: 'plaster-too-heavy',
	source: 'common practice',
	refuses: ({ fixing: { hammered, opensBehind, serves, left }, kg, bed: { ground, before } }) => {
		if (before !== 'plaster' || kg <= PLASTER_HAMMER_KG) return null;
		if (ground === 'timber' && !hammered) return null;
		if (opensBehind || left || serves.includes('cord')) return null;
		return REFUSED['plaster-too-heavy']({ hammered: hammered === true, most: PLASTER_HAMMER_KG });
	}
} as const satisfies Refusal;
