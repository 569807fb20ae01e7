import { PLACED_MARK_MM, PLACED_MARK_PX } from '../base/figures/photo.ts';
import type { Point } from '../base/geometry/line.ts';
import type { PhotoSize } from './lens.ts';
import type { SeenMark } from './read-photo.ts';

/** Longer side of the photos that the usual spread of a mark is told for, px. */
const USUAL_SIDE = 4000;
/** However small a photo is, a mark is put down no better than this, px. */
const LEAST_PX = 0.5;

/** A mark put down by hand. */
export const placed = ({ width, height }: PhotoSize, id: string, at: Point): SeenMark => ({
	...{ id, at, sdMm: PLACED_MARK_MM },
	sd: Math.max((PLACED_MARK_PX * Math.max(width, height)) / USUAL_SIDE, LEAST_PX)
});
