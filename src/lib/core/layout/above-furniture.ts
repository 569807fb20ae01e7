import type { Rect } from '../base/geometry/rect.ts';
import { ABOVE_FURNITURE_MM, FURNITURE_SHARE } from '../base/figures/layout.ts';

/** Where a group over furniture may lie, mm: how wide, and between which heights its bottom goes. */
export function aboveFurniture({ y, width, height }: Rect): {
	width: { least: number; most: number };
	bottom: { least: number; most: number };
} {
	const up = y + height;
	return {
		width: { least: FURNITURE_SHARE.least * width, most: FURNITURE_SHARE.most * width },
		bottom: { least: up + ABOVE_FURNITURE_MM.least, most: up + ABOVE_FURNITURE_MM.most }
	};
}
