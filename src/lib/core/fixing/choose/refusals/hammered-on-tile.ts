import { REFUSED } from '../../../../words/en/refused.ts';
import type { Refusal } from './types.ts';

/** Tile, stone and glass break under a hammer. */
export const hammeredOnTile = {
	code: 'hammered-on-tile',
	source: 'common practice',
	refuses: ({ fixing: { hammered }, bed: { face } }) =>
		hammered && face === 'tile' ? REFUSED['hammered-on-tile']() : null
} as const satisfies Refusal;
