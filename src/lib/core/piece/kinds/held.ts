import type { Kind } from './types.ts';

/** What people hold, load or stand on: nothing here is made for it. */
export const held = {
	kind: 'held',
	name: 'Television, bar or anything held or loaded',
	what: 'a television, grab bar, loaded shelf, cupboard, swing or climbing hold: not for this app',
	depth: 80,
	outlines: ['rectangle'],
	glazing: false,
	framed: false,
	refused: true,
	suffers: () => 'none',
	hangers: ['cleat'],
	checks: []
} as const satisfies Kind;
