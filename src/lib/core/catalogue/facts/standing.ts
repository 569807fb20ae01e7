import type { Hook } from './types.ts';

/** A screw or bolt that stands out of the wall: the load rests on top of its shank, half of that above the hole's centre. */
export const standing = (shank: number) =>
	({
		role: 'shank',
		bearingToHole: { dx: 0, dy: -shank / 2, angle: 0 },
		standOff: 6,
		puts: 'hole',
		markedAt: 'hole'
	}) as const satisfies Partial<Hook>;
