import { note } from './said.ts';
import type { Substrate } from './types.ts';

export const panelling = {
	of: 'panelling',
	name: 'Timber panelling',
	tell: 'Boards or panels with joints; knocking rattles where they are loose.',
	ground: 'wood',
	studs: { material: 'timber' },
	probed: true,
	board: false,
	asks: ['Screw into the framing behind it, not into a thin panel.', 'Predrill: old panels split.'],
	cautions: [note('panelling-moves')]
} as const satisfies Substrate;
