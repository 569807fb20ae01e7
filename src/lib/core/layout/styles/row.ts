import type { Layout, Place, Task } from '../types.ts';
import { ordersOf } from '../orders.ts';
import { settled } from '../room.ts';

/** Which line of the pieces runs level. */
export type Level = 'centre' | 'top' | 'bottom';

/** Rows on one level line with the wished gap, one for each order that differs; centred on the axis. */
export function rows(task: Task, level: Level): Layout[] {
	const { items, gap, axis } = task;
	const total = items.reduce((sum, { width }) => sum + width, 0) + gap * (items.length - 1);
	const tallest = Math.max(...items.map(({ height }) => height));
	return ordersOf(items).flatMap(({ name, items: row }) => {
		let x = axis.x - total / 2;
		const places = row.map(({ id, width, height }): Place => {
			const place = {
				id,
				x,
				y: {
					centre: axis.y - height / 2,
					top: axis.y + tallest / 2 - height,
					bottom: axis.y - tallest / 2
				}[level]
			};
			x += width + gap;
			return place;
		});
		const found = settled(places, task);
		return found ? [{ name, places: found }] : [];
	});
}

/** What the trade says of odd and even counts. Common practice. */
export const oddEven = (count: number): string | null =>
	count > 2 && count % 2 === 0
		? 'An odd count settles more easily: add one, or take one out.'
		: null;
