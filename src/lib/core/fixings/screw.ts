import type { Hook } from './face.ts';
import { standing } from './standing.ts';

/** 8 gauge, shank 4.2 mm (ASME B18.6.1). */
export const screw = {
	...standing(4.2),
	kind: 'screw' as const,
	name: 'Wood screw, 8 gauge',
	setting: 'Drill at the hole and leave the head standing a finger’s width off the wall.'
} satisfies Hook;
