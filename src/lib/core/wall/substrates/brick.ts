import { care } from '../../base/caution.ts';
import type { Substrate } from './types.ts';

export const brick = {
	of: 'brick',
	name: 'Brick',
	tell: 'Sounds dull everywhere; a drill brings out red or yellow dust.',
	ground: 'brick',
	studs: null,
	board: false,
	asks: [
		'Drill the brick and not the joint, with a masonry bit and a plug by its packet.',
		'Stay two plug lengths from the edges of a brick.'
	],
	cautions: [
		care(
			'masonry-dust',
			'Masonry dust harms lungs and eyes.',
			'Wear a mask and eye protection, and hold a vacuum under the hole.'
		),
		care(
			'masonry-by-packet',
			'Plugs in brick hold by what they are set in: hollow and soft bricks hold far less.',
			'Use the packet’s figure for your brick, and ask an installer for heavy pieces.'
		)
	]
} as const satisfies Substrate;
