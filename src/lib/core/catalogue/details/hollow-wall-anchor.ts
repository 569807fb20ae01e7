import { KG_PER_POUND } from '../../base/units/constants.ts';
import type { Fixing } from './types.ts';
import { PLUG_HOLE } from './mends.ts';

export const hollowWallAnchor: Fixing = {
	kind: 'hollow-wall-anchor',
	serves: ['shank', 'plate', 'batten'],
	holds: [
		{
			by: 'packet',
			in: ['board'],
			kg: 90 * KG_PER_POUND,
			meaning: 'unknown',
			source: 'by packet; typical figure from memory'
		}
	],
	grip: { least: 3.175, most: 19.05 },
	// Sleeves for a machine screw of 4 mm, as packets print them, from memory.
	sizes: [
		{ bit: 9.525, long: 32, takes: 'board {3 mm} to {13 mm}' },
		{ bit: 9.525, long: 38, takes: 'board {10 mm} to {16 mm}' },
		{ bit: 9.525, long: 46, takes: 'board {16 mm} to {20 mm}' }
	],
	bits: [{ in: ['board'], mm: 9.525 }],
	holes: 1,
	clearanceDepth: 40,
	reusable: 'in place',
	damage: PLUG_HOLE,
	steps: [
		'Choose a sleeve made for the thickness of this board.',
		'Tap it in until its teeth bite, and turn the screw until it draws up; stop there.',
		'Take the screw out, and put it back through the piece’s fitting.'
	],
	mistakes: [
		'A sleeve too long for the board turns with the screw.',
		'Tightened too far, it pulls through the board.'
	],
	never: [],
	cost: 2,
	tools: ['drill', 'screwdriver']
};
