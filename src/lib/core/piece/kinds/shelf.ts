import { feltAll, noLeaning } from './checks.ts';
import type { Kind } from './types.ts';

export const shelf = {
	kind: 'shelf',
	name: 'Shelf or rack',
	what: 'a small shelf, rack or case with keyholes',
	depth: 120,
	outlines: ['rectangle'],
	glazing: false,
	framed: false,
	suffers: () => 'none',
	hangers: ['keyholes', 'cleat', 'mirror-plates', 'drilled'],
	checks: [noLeaning, feltAll]
} as const satisfies Kind;
