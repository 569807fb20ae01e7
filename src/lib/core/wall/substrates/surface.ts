import { care, note } from './said.ts';
import type { Caution } from '../../base/caution.ts';

export const SURFACES = ['smooth', 'textured', 'paper', 'tile'] as const;
export type Surface = (typeof SURFACES)[number];

/** What lies on the face of the wall, what it asks, and its caution. Common practice. */
export const surfaces: Record<
	Surface,
	{ name: string; asks: string; caution: Caution | null; suspectWhenOld?: true }
> = {
	smooth: {
		name: 'Smooth paint',
		asks: 'Painter’s tape takes the marks; adhesive strips hold on it where the paint is sound.',
		caution: null
	},
	textured: {
		suspectWhenOld: true,
		name: 'Textured',
		asks: 'Tape and strips hold badly: mark with a soft pencil.',
		caution: note('textured-surface')
	},
	paper: {
		name: 'Wallpaper',
		asks: 'Cut a small V in the paper, fold it up, and glue it back over the hole one day.',
		caution: note('on-paper')
	},
	tile: {
		suspectWhenOld: true,
		name: 'Tile over it',
		asks: 'Drill the tile with a tile bit, slowly, without hammer action, through tape; best in a joint.',
		caution: care('on-tile')
	}
};
