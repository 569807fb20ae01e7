import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing } from './types.ts';
import { SCREW_HOLE } from './mends.ts';

export const ribbedPlug: Fixing = {
	kind: 'ribbed-plug',
	forMasonry: true,
	serves: ['shank', 'plate', 'batten'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster'],
			kg: 10 * KG_PER_POUND,
			meaning: 'working',
			source: 'in board common practice; in plaster from memory'
		}
	],
	bits: [{ in: ['board', 'plaster'], mm: 4.7625 }],
	holes: 1,
	clearanceDepth: 20,
	reusable: 'once',
	damage: SCREW_HOLE,
	steps: [
		'Drill the hole no wider than the plug; a wide one spins.',
		'Push the plug in flush, and drive its screw.'
	],
	mistakes: ['It is a masonry plug: in board it can be pulled out by hand.'],
	never: ['In board, only for the lightest pieces.'],
	cost: 1,
	tools: ['drill', 'screwdriver']
};
