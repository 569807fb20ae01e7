import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing } from './types.ts';
import { NAIL_HOLE } from './mends.ts';

export const springWireHook: Fixing = {
	kind: 'spring-wire-hook',
	serves: ['hook'],
	holds: [
		{
			by: 'packet',
			in: ['board'],
			kg: 50 * KG_PER_POUND,
			meaning: 'unknown',
			source: 'by packet; typical figure from memory'
		}
	],
	grip: { least: 9.5, most: 16 },
	bits: [],
	holes: 1,
	clearanceDepth: 60,
	reusable: 'again',
	damage: NAIL_HOLE,
	steps: [
		'Push the point through the board and turn the wire as it goes.',
		'Bend it until the hook stands off as far as the piece needs.'
	],
	mistakes: ['On a stud it does not go in: move it, or use a picture hook there.'],
	never: [],
	cost: 1,
	tools: []
};
