import { note } from './said.ts';
import type { Substrate } from './types.ts';

export const boardTimber = {
	of: 'board-timber',
	name: 'Drywall (plasterboard) on wood studs',
	tell: 'Sounds hollow with hard places every {400 mm} to {600 mm}; a nail brings out white dust, then wood.',
	ground: 'board',
	studs: { material: 'timber' },
	probed: true,
	board: true,
	asks: [
		'Find the studs for anything heavy.',
		'Light pieces hang on picture hooks in the board alone.',
		'Know where cables run: in a stud they may lie {31.75 mm} behind its face.'
	],
	cautions: [note('board-alone')]
} as const satisfies Substrate;
