import { backing, clips, glassEdges, joints, silver } from './checks.ts';
import type { Kind } from './types.ts';

export const mirror = {
	kind: 'mirror',
	name: 'Mirror',
	what: 'framed, or glass on a board',
	depth: 30,
	outlines: ['rectangle', 'oval', 'polygon'],
	glazing: true,
	framed: true,
	suffers: () => 'none',
	air: 'Damp creeps behind the glass from its edges: not over a basin or a hob.',
	hangers: ['rings', 'cleat', 'mirror-plates', 'security', 'wire-two'],
	checks: [joints, clips, silver, backing, glassEdges]
} as const satisfies Kind;
