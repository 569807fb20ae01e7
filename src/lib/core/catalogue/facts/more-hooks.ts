import type { Hook } from './types.ts';

/** A sprung wire pushed and turned through board until its hook faces up: from memory, it bears 10 mm below its hole. */
export const springWireHook = {
	kind: 'spring-wire-hook' as const,
	name: 'Spring-wire hook',
	role: 'hook' as const,
	bearingToHole: { dx: 0, dy: 10, angle: 0 },
	standOff: 5,
	puts: 'hole' as const,
	markedAt: 'bearing' as const,
	setting:
		'Hold it with the lowest point of its hook on the mark, push its point through the board above, and turn it until the hook stands up.'
} satisfies Hook;

/** A screw hook whose spring closes it over a ring or wire: its bottom bears 8 mm below its screw (from memory). */
export const latchedHook = {
	kind: 'latched-hook' as const,
	name: 'Screw hook with a latch',
	role: 'hook' as const,
	latched: true,
	bearingToHole: { dx: 0, dy: 8, angle: 0 },
	standOff: 15,
	puts: 'hole' as const,
	markedAt: 'hole' as const,
	setting:
		'Drill the pilot hole at the hole, and screw the hook in until its collar meets the wall and its opening faces up.'
} satisfies Hook;

/** A plastic hook with several short hardened pins: the middle of the pins is about 18 mm above the bearing (from memory). */
export const hardWallHook = {
	kind: 'hard-wall-hook' as const,
	shallow: true,
	name: 'Hard-wall hook with pins',
	role: 'hook' as const,
	bearingToHole: { dx: 0, dy: 18, angle: 0 },
	standOff: 6,
	puts: 'hole' as const,
	markedAt: 'bearing' as const,
	setting:
		'Hold it with the lowest point of its hook on the mark, and tap the pins in straight, one by one.'
} satisfies Hook;
