import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing } from './types.ts';
import { PLUG_HOLE } from './mends.ts';

export const foldingAnchor: Fixing = {
	kind: 'folding-anchor',
	serves: ['shank', 'plate', 'batten'],
	holds: [
		{
			by: 'packet',
			in: ['board'],
			kg: 40 * KG_PER_POUND,
			meaning: 'unknown',
			source: 'by packet; typical figure from memory'
		}
	],
	grip: { least: 9.5, most: 19 },
	bits: [{ in: ['board'], mm: 9.525 }],
	holes: 1,
	clearanceDepth: 30,
	reusable: 'in place',
	damage: PLUG_HOLE,
	steps: [
		'Fold the wings, push the anchor in flush, and open it with the pin that comes with it.',
		'Drive the screw through the piece’s fitting.'
	],
	mistakes: ['A stud behind the hole: the wings cannot open.'],
	never: [],
	cost: 1,
	tools: ['drill', 'screwdriver']
};
