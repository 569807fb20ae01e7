import { backing, clips, glassEdges, joints, labels, rabbet, topMarked } from './checks.ts';
import type { Kind } from './types.ts';

export const framed = {
	kind: 'framed',
	name: 'Framed work',
	what: 'a picture in a frame, glazed or not',
	depth: 20,
	outlines: ['rectangle', 'oval'],
	glazing: true,
	framed: true,
	suffers: (glazed) => (glazed ? 'medium' : 'low'),
	hangers: ['wire-one', 'wire-two', 'rings', 'security', 'cleat', 'rail', 'sawtooth'],
	checks: [joints, rabbet, clips, backing, glassEdges, labels, topMarked]
} as const satisfies Kind;
