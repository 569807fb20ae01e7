import type { Rect } from '../base/geometry/rect.ts';
import type { Task } from './types.ts';

/**
 * The shape (width over height) nearest to the one wished for whose box a room can hold.
 *
 * @param fill the share of the box that the pieces and their gaps take.
 */
export function possibleShape(
	shape: number,
	{ items, gap, region }: Pick<Task, 'items' | 'gap'> & { region: Rect },
	fill: number
): number {
	const area =
		items.reduce((sum, { width, height }) => sum + (width + gap) * (height + gap), 0) / fill;
	const least = area / (region.height + gap) ** 2;
	const most = (region.width + gap) ** 2 / area;
	return Math.max(Math.min(shape, most), least);
}
