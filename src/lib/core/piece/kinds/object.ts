import { eyes, feltAll, labels, topMarked, woodworm } from './checks.ts';
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
	checks: [eyes, feltAll, woodworm, labels, topMarked]
} as const satisfies Kind;
