import { UNKNOWN_WALL_KG } from '../../../base/figures/holding.ts';
import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** On a wall that nobody knows only what would do no harm by its fall. */
export const unknownWall = {
	code: 'unknown-wall',
	source: 'from memory',
	refuses: ({ fixing: { serves, left }, piece: { glazed }, kg, bed: { ground } }) =>
		ground === 'unknown' && !left && !serves.includes('cord') && (glazed || kg > UNKNOWN_WALL_KG)
			? REFUSED['unknown-wall']({ glazed, most: UNKNOWN_WALL_KG })
			: null
} as const satisfies Refusal;
