import type { Style, StyleFacts } from '../types.ts';
import { ordersOf } from '../orders.ts';
import { settled } from '../room.ts';

export const columnFacts: StyleFacts = {
	style: 'column',
	label: 'Column',
	suits: 'One above the other on a plumb line: beside a door, between windows.',
	regular: true,
	advice: () => null
};

export const column: Style = {
	facts: columnFacts,
	lay: (task) => {
		const { items, gap, axis } = task;
		const total = items.reduce((sum, { height }) => sum + height, 0) + gap * (items.length - 1);
		return ordersOf(items, true).flatMap(({ name, items: stack }) => {
			let up = axis.y + total / 2;
			const places = stack.map(({ id, width, height }) => {
				const place = { id, x: axis.x - width / 2, y: up - height };
				up -= height + gap;
				return place;
			});
			const found = settled(places, task);
			return found ? [{ name, places: found }] : [];
		});
	}
};
