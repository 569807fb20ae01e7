import { lab } from 'd3-color';
import { memoised } from '../base/memo.ts';
import type { Item } from './types.ts';

interface Tone {
	/** How light, 0 to 1: CIE L* of its colour. */
	light: number;
	/** How warm, about -1 to 1, from blue and green to red and yellow: a* and b* together. */
	warm: number;
}

/** The tone of a piece's leading colour; null where it is not known. */
export const toneOf = memoised(({ colour }: Item): Tone | null => {
	if (!colour) return null;
	const { l, a, b } = lab(colour);
	return { light: l / 100, warm: (a + b) / 200 };
});

/** Weight to the eye of a square millimetre: dark draws it more than light; 1 where no colour is known. A choice, no source. */
export const darkness = (item: Item): number => 1.5 - (toneOf(item)?.light ?? 0.5);
