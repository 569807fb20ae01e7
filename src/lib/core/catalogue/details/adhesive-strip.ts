import { STRIP_PAIR_KG } from '../../base/figures/hardware.ts';
import type { Fixing } from './types.ts';

export const adhesiveStrip: Fixing = {
	kind: 'adhesive-strip',
	serves: ['stick'],
	holds: [
		{
			by: 'packet',
			in: ['board', 'plaster', 'wood', 'brick', 'block', 'concrete', 'timber', 'steel'],
			kg: STRIP_PAIR_KG,
			meaning: 'working',
			source: 'a pair of strips, from memory'
		}
	],
	bits: [],
	holes: 0,
	clearanceDepth: 0,
	smoothOnly: true,
	reusable: 'once',
	damage: {
		size: 1,
		is: 'none, or paint pulled off',
		mend: 'Stretch the strip slowly along the wall to draw it; touch up where paint came with it.'
	},
	steps: [
		'Clean the paint with alcohol and let it dry.',
		'Press the strip on for half a minute.',
		'Wait as long as its packet says before hanging.'
	],
	mistakes: [
		'Hanging at once: the glue needs its time.',
		'Fresh paint: wait as long as the packet of the strip says.'
	],
	never: [
		'Not for glazed or heavy pieces, nor where a fall would hurt.',
		'Not on wallpaper or textured walls.'
	],
	rejects: ({ glazed }) => (glazed ? 'not for anything glazed' : null),
	cost: 1,
	tools: []
};
