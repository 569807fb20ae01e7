import type { Fixing } from './types.ts';
import { PRICK } from './mends.ts';

export const hardWallHook: Fixing = {
	kind: 'hard-wall-hook',
	hammered: true,
	serves: ['hook'],
	holds: [
		{
			by: 'packet',
			in: ['brick', 'block', 'concrete', 'plaster'],
			kg: 5,
			meaning: 'working',
			source: 'by packet; typical figure from memory'
		}
	],
	bits: [],
	holes: 4,
	clearanceDepth: 0,
	reusable: 'once',
	damage: { ...PRICK, is: 'four pin pricks' },
	steps: [
		'Wear eye protection: hardened pins fly.',
		'Tap the pins in straight, each a little at a time.'
	],
	mistakes: ['Hitting a pin from the side: it snaps.'],
	never: [],
	cost: 1,
	tools: ['hammer']
};
