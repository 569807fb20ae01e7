import type { Rect } from '../base/geometry/rect.ts';
import { ABOVE_FURNITURE } from '../wall/features/furniture.ts';

/** A group over furniture is usually two thirds to three quarters as wide. Common practice. */
const FURNITURE_SHARE = { least: 2 / 3, most: 3 / 4 };

/** Where a group over furniture may lie, mm: how wide, and between which heights its bottom goes. */
export function aboveFurniture({ y, width, height }: Rect): {
	width: { least: number; most: number };
	bottom: { least: number; most: number };
} {
	const up = y + height;
	return {
		width: { least: FURNITURE_SHARE.least * width, most: FURNITURE_SHARE.most * width },
		bottom: { least: up + ABOVE_FURNITURE.least, most: up + ABOVE_FURNITURE.most }
	};
}
