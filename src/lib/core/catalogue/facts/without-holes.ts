import type { Hook } from './types.ts';

/** A cord or rod from the moulding: no hole, the hook slips along the rail. */
export const railHook = {
	kind: 'rail-hook' as const,
	name: 'Rail hook with cord or rod',
	role: 'cord' as const,
	bearingToHole: { dx: 0, dy: 0, angle: 0 },
	standOff: 8,
	puts: 'cord',
	markedAt: 'bearing',
	setting: 'Slip the rail hook over the rail above the mark, hang the cord, and set its lower hook.'
} satisfies Hook;

/** A rod or steel cord from a rail under the ceiling or on the wall: its lower hook slides and clamps. */
export const trackHook = {
	...railHook,
	kind: 'track-hook' as const,
	name: 'Ceiling-rail hook on a rod or cord',
	setting:
		'Click the cord into the rail above the mark, slide its hook to the length, and clamp it.'
} satisfies Hook;

/** Hook-and-loop strips, pressed on: no hole. */
export const adhesiveStrip = {
	kind: 'adhesive-strip' as const,
	name: 'Adhesive strip',
	role: 'stick' as const,
	bearingToHole: { dx: 0, dy: 0, angle: 0 },
	standOff: 2,
	puts: 'place',
	markedAt: 'bearing',
	setting:
		'Clean the paint with alcohol, let it dry, press the strip on for half a minute, and wait as long as its packet says.'
} satisfies Hook;

/** A push pin: its shank bears, half of 1 mm above the hole's centre (from memory). */
export const pin = {
	kind: 'push-pin' as const,
	shallow: true,
	name: 'Push pin',
	role: 'shank' as const,
	bearingToHole: { dx: 0, dy: -0.5, angle: 20 },
	standOff: 4,
	puts: 'hole',
	markedAt: 'hole',
	setting: 'Push it in slanting a little downwards.'
} satisfies Hook;
