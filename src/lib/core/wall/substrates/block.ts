import { care } from './said.ts';
import type { Substrate } from './types.ts';

export const block = {
	of: 'block',
	name: 'Block',
	tell: 'Sounds dull; a drill goes in easily and brings out grey dust.',
	ground: 'block',
	studs: null,
	board: false,
	asks: [
		'Hollow and light blocks need plugs made for them: an ordinary one spins.',
		'Drill without hammer action, so that the shell stays whole.'
	],
	cautions: [care('masonry-dust')]
} as const satisfies Substrate;
