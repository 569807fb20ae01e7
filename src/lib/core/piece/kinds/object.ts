import { eyes, feltAll, insects, labels, topMarked } from './checks.ts';
import type { Kind } from './types.ts';

export const object = {
	kind: 'object',
	name: 'Object',
	what: 'an oar, a tool, a mask: anything with an outline of its own',
	depth: 50,
	outlines: ['polygon', 'oval', 'rectangle'],
	glazing: false,
	framed: false,
	suffers: () => 'none',
	hangers: ['ring-one', 'stretcher', 'keyholes', 'rings', 'drilled', 'cleat'],
	checks: [eyes, feltAll, insects, labels, topMarked]
} as const satisfies Kind;
