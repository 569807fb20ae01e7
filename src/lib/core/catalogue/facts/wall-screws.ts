import type { Hook } from './types.ts';

/** A screw that goes through something flat and clamps it to the wall: it bears where its hole is. */
function clamping(role: 'plate' | 'batten', kind: string, name: string, setting: string) {
	return {
		kind,
		name,
		role,
		bearingToHole: { dx: 0, dy: 0, angle: 0 },
		standOff: 0,
		puts: 'hole',
		markedAt: 'hole',
		setting
	} satisfies Hook;
}

export const plateScrew = {
	...clamping(
		'plate',
		'plate-screw',
		'Screw through a plate',
		'Hold the piece on its line, mark through the hole of the plate, drill, and screw the plate to the wall.'
	),
	kind: 'plate-screw' as const,
	onceHeld:
		'Make its hole now, or set its anchor; the screw itself goes in through the plate, once the piece is held there.'
};

export const cleatScrew = {
	...clamping(
		'batten',
		'cleat-screw',
		'Screw through the wall half',
		'Screw one end, level the wall half by its upper edge, then set the others.'
	),
	kind: 'cleat-screw' as const
};

/** The neck of a dome-headed screw bears in the clip, about half its 5 mm above the hole's centre: from memory. */
export const securityScrew = {
	...clamping(
		'plate',
		'security-screw',
		'Dome-headed security screw',
		'Screw it in until the gap under its head is as thick as the clip; the key locks the lower one last.'
	),
	kind: 'security-screw' as const,
	role: 'neck' as const,
	bearingToHole: { dx: 0, dy: -2.5, angle: 0 }
};
