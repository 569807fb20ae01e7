import { insects, labels, sleeve, topMarked } from './checks.ts';
import type { Kind } from './types.ts';

export const textile = {
	kind: 'textile',
	name: 'Textile',
	what: 'a quilt, flag or weaving on a batten',
	depth: 25,
	outlines: ['rectangle'],
	glazing: false,
	framed: false,
	suffers: () => 'high',
	air: 'Damp and dust feed moths and mould: look into its folds each spring.',
	hangers: ['cleat', 'rail', 'pin', 'strips'],
	checks: [sleeve, insects, labels, topMarked]
} as const satisfies Kind;
