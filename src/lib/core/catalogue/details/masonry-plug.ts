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
	// From memory; what is reckoned here is the second.
	sizes: [
		{ bit: 5, long: 25, takes: 'screws of 6 to 8 gauge' },
		{ bit: 6, long: 30, takes: 'screws of 8 to 10 gauge' },
		{ bit: 8, long: 40, takes: 'screws of 10 to 12 gauge' },
		{ bit: 10, long: 50, takes: 'screws of 14 gauge' }
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
