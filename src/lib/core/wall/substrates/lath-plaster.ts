import { care } from './said.ts';
import type { Substrate } from './types.ts';

export const lathPlaster = {
	of: 'lath-plaster',
	name: 'Lath and plaster',
	tell: 'Thick, uneven and hard; a drill goes through plaster, then a thin springy strip of wood.',
	ground: 'plaster',
	studs: { material: 'timber' },
	probed: true,
	board: false,
	resistsNails: true,
	suspectWhenOld: true,
	asks: [
		'Do not hammer or thump it hard: keys of plaster break off behind.',
		'Drill a small hole and feel the torque: laths give at once, a stud goes on holding.',
		'Every nail meets some resistance, so a nail probe says less than in board.'
	],
	cautions: [care('plaster-crumbles')]
} as const satisfies Substrate;
