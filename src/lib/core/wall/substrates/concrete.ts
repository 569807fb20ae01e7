import { care, stop } from './said.ts';
import type { Substrate } from './types.ts';

export const concrete = {
	of: 'concrete',
	name: 'Concrete',
	tell: 'Rings hard everywhere; an ordinary drill makes no way in it.',
	ground: 'concrete',
	studs: null,
	board: false,
	asks: [
		'Hammer drill, masonry bit, and a plug or screw made for concrete.',
		'Stop and move a little when the bit meets steel.'
	],
	cautions: [care('masonry-dust'), stop('tensioned-steel')]
} as const satisfies Substrate;
