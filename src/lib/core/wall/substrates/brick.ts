import { care } from './said.ts';
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
	cautions: [care('masonry-dust'), care('masonry-by-packet')]
} as const satisfies Substrate;
