import { note } from '../../base/caution.ts';
import type { Substrate } from './types.ts';

export const panelling = {
	of: 'panelling',
	name: 'Timber panelling',
	tell: 'Boards or panels with joints; knocking rattles where they are loose.',
	ground: 'wood',
	studs: { material: 'timber' },
	board: false,
	asks: ['Screw into the framing behind it, not into a thin panel.', 'Predrill: old panels split.'],
	cautions: [
		note(
			'panelling-moves',
			'Panels move with the seasons and are thin.',
			'Hang light pieces from the rails and stiles; take heavy ones through to what is behind.'
		)
	]
} as const satisfies Substrate;
