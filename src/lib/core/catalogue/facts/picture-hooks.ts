import type { Hook } from './types.ts';

const setting =
	'Hold the hook flat with its lowest point on the mark, and drive the nail through it, steeply downwards: the nail finds its own hole.';

/** The plate reaches so far below the bearing, mm: from memory. */
const TOE = 6;

/** Height of the nail above the bearing: from memory, hooks of each size measured differ by about 3 mm. */
function pictureHook(nails: 1 | 2 | 3, dy: number, standOff: number) {
	const count = { 1: 'One', 2: 'Two', 3: 'Three' }[nails];
	return {
		kind: `picture-hook-${nails}`,
		name: `${count}-nail picture hook`,
		role: 'hook',
		bearingToHole: { dx: 0, dy, angle: 45 },
		standOff,
		toe: dy + TOE,
		puts: 'hole',
		markedAt: 'bearing',
		gives: true as const,
		setting
	} satisfies Hook;
}

export const pictureHook1 = { ...pictureHook(1, 19, 5), kind: 'picture-hook-1' as const };
export const pictureHook2 = { ...pictureHook(2, 25, 6), kind: 'picture-hook-2' as const };
export const pictureHook3 = { ...pictureHook(3, 32, 8), kind: 'picture-hook-3' as const };
