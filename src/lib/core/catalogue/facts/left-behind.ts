import type { Hook } from './types.ts';
import { nail } from './nail.ts';
import { screw } from './screw.ts';
import { HEAD_OUT } from './standing.ts';

const PULL = 'Pull at it hard, down and outwards, before anything hangs on it.';

/** What an earlier hanging left in the wall: its bearing is that of its like. */
export const oldNail = {
	...nail,
	kind: 'old-nail' as const,
	name: 'Old nail',
	puts: 'kept' as const,
	setting: PULL
} satisfies Hook;

export const oldScrew = {
	...screw,
	kind: 'old-screw' as const,
	name: 'Old screw',
	puts: 'kept' as const,
	setting: `${PULL} ${HEAD_OUT}`
} satisfies Hook;

export const oldAnchor = {
	...screw,
	kind: 'old-anchor' as const,
	name: 'Old anchor with a screw',
	puts: 'kept' as const,
	setting: `Drive a screw that fits it; one that spins holds nothing. ${PULL}`
} satisfies Hook;
