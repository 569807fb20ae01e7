import type { Hook } from './face.ts';

/** 2 mm shank driven at about 30° (from memory): the load rests on the shank where it leaves the wall. */
export const nail = {
	kind: 'nail' as const,
	name: 'Finish nail',
	role: 'shank' as const,
	bearingToHole: { dx: 0, dy: -1, angle: 30 },
	standOff: 5,
	puts: 'hole' as const,
	setting:
		'Drive the nail slightly downwards into the wall, its head standing out far enough to catch.'
} satisfies Hook;
