import { care } from './said.ts';
import type { Substrate } from './types.ts';

export const boardSteel = {
	of: 'board-steel',
	name: 'Drywall (plasterboard) on steel studs',
	tell: 'Sounds hollow; a magnet holds all along a stud and not only at its screws.',
	ground: 'board',
	studs: { material: 'steel' },
	board: true,
	asks: [
		'A nail does not hold in a steel stud: use a fine-threaded screw through it, or a toggle beside it.',
		'Find the studs by magnet; they are thin, so find both edges.'
	],
	cautions: [care('steel-studs')]
} as const satisfies Substrate;
