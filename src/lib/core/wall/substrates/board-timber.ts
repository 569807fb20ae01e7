import { note } from './said.ts';
import type { Substrate } from './types.ts';

export const boardTimber = {
	of: 'board-timber',
	name: 'Board on timber studs',
	tell: 'Sounds hollow with hard places every {400 mm} to {600 mm}; a nail brings out white dust, then wood.',
	ground: 'board',
	studs: { material: 'timber' },
	probe: {
		with: 'a thin nail',
		says: 'A slim nail leaves less to fill than a bit. Where it meets wood, try an inch to each side: both must miss.'
	},
	board: true,
	asks: [
		'Find the studs for anything heavy.',
		'Light pieces hang on picture hooks in the board alone.',
		'Know where cables run: in a stud they may lie {31.75 mm} behind its face.'
	],
	cautions: [note('board-alone')]
} as const satisfies Substrate;
