import type { Hook } from './types.ts';

/** How far a head is left standing out, by what hangs on it. Common practice. */
export const HEAD_OUT =
	'Leave the head out: a finger’s width for a wire or a ring, a little more than the lip for a keyhole slot, less than the depth for a blind hole.';

/** A screw or bolt that stands out of the wall: the load rests on top of its shank, half of that above the hole's centre. */
export const standing = (shank: number) =>
	({
		role: 'shank',
		bearingToHole: { dx: 0, dy: -shank / 2, angle: 0 },
		standOff: 6,
		puts: 'hole',
		markedAt: 'hole'
	}) as const satisfies Partial<Hook>;
