import type { Hook } from './face.ts';

/** 8 gauge, shank 4.2 mm (ASME B18.6.1): the load rests on top of the shank, half of it above the hole's centre. */
export const screw = {
	kind: 'screw' as const,
	name: 'Wood screw, 8 gauge',
	bearingToHole: { dx: 0, dy: -2.1, angle: 0 },
	standOff: 6,
	puts: 'hole' as const,
	setting: 'Drill at the hole and leave the head standing a finger’s width off the wall.'
} satisfies Hook;
