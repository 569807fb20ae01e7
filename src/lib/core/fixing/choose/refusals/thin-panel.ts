import { THIN_PANEL_KG, THIN_PANEL_MM } from '../../../base/figures/holding.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** Thin panelling bends and splits: light pieces alone, until what is behind it is known. */
export const thinPanel = {
	code: 'thin-panel',
	source: 'from memory',
	refuses: ({ fixing: { serves, left }, kg, bed: { ground, cover } }) =>
		ground === 'wood' &&
		!left &&
		!serves.includes('cord') &&
		cover < THIN_PANEL_MM &&
		kg > THIN_PANEL_KG
			? REFUSED['thin-panel']({ thin: THIN_PANEL_MM, most: THIN_PANEL_KG })
			: null
} as const satisfies Refusal;
