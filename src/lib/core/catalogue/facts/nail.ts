import type { Hook } from './types.ts';

const setting =
	'Drive the nail slightly downwards into the wall, its head standing out far enough to catch.';

/** 2 mm shank driven at about 30° (from memory): the load rests on the shank where it leaves the wall. */
export const nail = {
	kind: 'nail' as const,
	name: 'Finish nail',
	role: 'shank' as const,
	bearingToHole: { dx: 0, dy: -1, angle: 30 },
	standOff: 5,
	puts: 'hole' as const,
	markedAt: 'hole' as const,
	gives: true as const,
	setting
} satisfies Hook;

/** Common nails of 0.113 and 0.131 in (ASTM F1667), driven at about 10°: their load rests on the shank. */
export const nail6d = {
	...nail,
	kind: 'nail-6d' as const,
	name: 'Common nail, 2 in',
	bearingToHole: { dx: 0, dy: -1.4, angle: 10 }
} satisfies Hook;

export const nail8d = {
	...nail,
	kind: 'nail-8d' as const,
	name: 'Common nail, 2 1/2 in',
	bearingToHole: { dx: 0, dy: -1.7, angle: 10 }
} satisfies Hook;
