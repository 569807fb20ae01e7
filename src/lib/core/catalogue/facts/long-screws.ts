import type { Hook } from './types.ts';
import { HEAD_OUT, standing } from './standing.ts';

const setting = `Drill the pilot hole at the hole. ${HEAD_OUT}`;

/** 10 gauge, shank 4.8 mm (ASME B18.6.1). */
export const deckScrew = {
	...standing(4.8),
	kind: 'deck-screw' as const,
	name: 'Deck screw, 10 gauge',
	setting
} satisfies Hook;

/** 14 gauge, shank 6.1 mm (ASME B18.6.1). */
export const bugleScrew = {
	...standing(6.1),
	kind: 'bugle-screw' as const,
	name: 'Bugle screw, 14 gauge',
	setting
} satisfies Hook;
