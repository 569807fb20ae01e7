import type { Item, Place, Style, Task } from '../face.ts';
import { settled } from '../room.ts';

function place(items: readonly Item[], columns: number, { gap, axis }: Task): Place[] {
	const wide = Math.max(...items.map(({ width }) => width));
	const tall = Math.max(...items.map(({ height }) => height));
	const rows = Math.ceil(items.length / columns);
	const left = axis.x - (columns * wide + (columns - 1) * gap) / 2;
	const up = axis.y + (rows * tall + (rows - 1) * gap) / 2;
	return items.map(({ id, width, height }, index) => {
		const [row, column] = [Math.floor(index / columns), index % columns];
		// A last row that is not full is centred.
		const inRow = row === rows - 1 ? items.length - row * columns : columns;
		const indent = ((columns - inRow) * (wide + gap)) / 2;
		return {
			id,
			x: left + indent + column * (wide + gap) + (wide - width) / 2,
			y: up - row * (tall + gap) - tall / 2 - height / 2
		};
	});
}

export const grid: Style = {
	style: 'grid',
	label: 'Grid',
	suits: 'Equal frames in rows and columns, the tightest of hangs.',
	regular: true,
	advice: (count) =>
		[5, 7, 11, 13].includes(count)
			? 'This count leaves a last row that is not full; it is centred.'
			: null,
	lay: (task) => {
		const count = task.items.length;
		return Array.from({ length: count }, (_, index) => index + 1)
			.filter((columns) => {
				const rows = Math.ceil(count / columns);
				// One row is a single hang and one column a column; a grid has both, unless there is too little for it.
				return count < 4 || (rows > 1 && columns > 1 && columns * (rows - 1) < count);
			})
			.flatMap((columns) => {
				const found = settled(place(task.items, columns, task), task);
				const rows = Math.ceil(count / columns);
				return found ? [{ name: `${rows} by ${columns}`, places: found }] : [];
			});
	}
};
