import type { Fixing } from './types.ts';
import { PLUG_HOLE } from './mends.ts';

export const masonryPlug: Fixing = {
	kind: 'masonry-plug',
	serves: ['shank', 'plate', 'batten', 'neck'],
	holds: [
		{
			by: 'packet',
			in: ['brick', 'concrete'],
			kg: 30,
			meaning: 'working',
			source: 'by packet and by brick; typical figure from memory'
		},
		{
			by: 'packet',
			in: ['block'],
			kg: 8,
			meaning: 'working',
			source: 'hollow block; typical figure from memory'
		}
	],
	bits: [{ in: ['brick', 'concrete', 'block'], mm: 6 }],
	holes: 1,
	clearanceDepth: 45,
	reusable: 'in place',
	damage: PLUG_HOLE,
	steps: [
		'Drill the brick and not the joint, as deep as the plug and a little more; wear a mask and eye protection.',
		'Blow or suck the dust out: a plug in dust spins.',
		'Tap the plug in flush, and drive its screw.'
	],
	mistakes: ['A hole in soft mortar: move to the brick, two plug lengths from its edge.'],
	never: [],
	cost: 1,
	tools: ['hammerDrill', 'screwdriver']
};
