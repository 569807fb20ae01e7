import { care, stop } from '../../base/caution.ts';
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
	cautions: [
		care(
			'masonry-dust',
			'Masonry dust harms lungs and eyes.',
			'Wear a mask and eye protection, and hold a vacuum under the hole.'
		),
		stop(
			'tensioned-steel',
			'Some concrete holds steel under tension: cut, it can bring a floor down.',
			'In a flat or a frame building, ask the building’s engineer before drilling.'
		)
	]
} as const satisfies Substrate;
