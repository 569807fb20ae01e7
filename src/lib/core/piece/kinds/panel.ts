import { feltAll, labels, sealed, topMarked } from './checks.ts';
import type { Kind } from './types.ts';

export const panel = {
	kind: 'panel',
	name: 'Panel',
	what: 'painting or sign on wood, board or metal',
	depth: 20,
	outlines: ['rectangle', 'oval', 'polygon'],
	glazing: false,
	framed: false,
	suffers: () => 'low',
	air: 'Wood bends as the damp of the air changes: not on a cold outside wall, nor in a room heated only now and then.',
	hangers: ['drilled', 'keyholes', 'cleat', 'rings', 'sawtooth-two', 'strips'],
	checks: [sealed, feltAll, labels, topMarked]
} as const satisfies Kind;
