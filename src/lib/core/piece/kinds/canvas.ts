import { backing, keys, labels, topMarked } from './checks.ts';
import type { Kind } from './types.ts';

export const canvas = {
	kind: 'canvas',
	name: 'Canvas',
	what: 'stretched on bars, without a frame',
	depth: 30,
	outlines: ['rectangle', 'oval'],
	glazing: false,
	framed: false,
	suffers: () => 'low',
	air: 'Canvas slackens in damp air and tightens in dry: a steady climate matters more than the exact figure.',
	hangers: ['stretcher', 'wire-one', 'wire-two', 'rings', 'sawtooth-two', 'cleat'],
	checks: [keys, backing, labels, topMarked]
} as const satisfies Kind;
