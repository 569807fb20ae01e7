import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { boxOf, settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

/** Columns of one width, each filled from the top with the wished gap; the shortest column takes the next. */
function place(items: readonly Item[], columns: number, { gap, axis }: Task): Place[] {
	const wide = Math.max(...items.map(({ width }) => width));
	const left = axis.x - (columns * wide + (columns - 1) * gap) / 2;
	const stacks = Array.from({ length: columns }, () => ({ items: [] as Item[], height: 0 }));
	for (const item of [...items].sort((a, b) => b.height - a.height)) {
		const stack = stacks.reduce((a, b) => (b.height < a.height - 1e-9 ? b : a));
		stack.height += item.height + (stack.items.length > 0 ? gap : 0);
		stack.items.push(item);
	}
	return stacks.flatMap(({ items: column, height }, index) => {
		let up = axis.y + height / 2;
		return column.map(({ id, width, height: tall }) => {
			const y = up - tall;
			up = y - gap;
			return { id, x: left + index * (wide + gap) + (wide - width) / 2, y };
		});
	});
}

export const posterWallFacts: StyleFacts = {
	style: 'poster-wall',
	label: 'Poster wall',
	suits: 'A filled wall, regimented on hidden plumb lines.',
	regular: true,
	advice: (count) =>
		count < 6 ? 'A poster wall wants many pieces: below six it reads as columns.' : null
};

export const posterWall: Style = {
	facts: posterWallFacts,
	lay: (task) => {
		const wide = Math.max(...task.items.map(({ width }) => width));
		const most = Math.floor((boxOf(task.region).width + task.gap) / (wide + task.gap));
		return Array.from({ length: Math.min(most, task.items.length) }, (_, index) => index + 1)
			.filter((columns) => columns > 1 || task.items.length === 1)
			.flatMap((columns) => {
				const found = settled(place(task.items, columns, task), task);
				return found ? [{ name: ARRANGED.columns({ columns }), places: found }] : [];
			});
	}
};
