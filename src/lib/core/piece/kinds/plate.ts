import { feltAll, labels, sound } from './checks.ts';
import type { Kind } from './types.ts';

export const plate = {
	kind: 'plate',
	name: 'Plate or dish',
	what: 'ceramic or enamel, round or oval',
	depth: 30,
	outlines: ['oval'],
	glazing: false,
	framed: false,
	suffers: () => 'none',
	hangers: ['plate-hanger', 'ring-one'],
	checks: [sound, feltAll, labels]
} as const satisfies Kind;
