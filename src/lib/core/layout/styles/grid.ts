import type { Item, Layout, Place, Style, StyleFacts, Task } from '../types.ts';
import { settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

/** Each column as wide as its widest piece and each row as high as its highest, with the gap between them. */
function place(items: readonly Item[], columns: number, { gap, axis }: Task): Place[] {
	const rows = Math.ceil(items.length / columns);
	const full = items.length % columns === 0;
	const of = (index: number) => ({ row: Math.floor(index / columns), column: index % columns });
	const widths = Array.from({ length: columns }, (_, column) =>
		Math.max(...items.filter((_, index) => of(index).column === column).map(({ width }) => width))
	);
	const heights = Array.from({ length: rows }, (_, row) =>
		Math.max(...items.filter((_, index) => of(index).row === row).map(({ height }) => height))
	);
	const left = axis.x - (sum(widths) + gap * (columns - 1)) / 2;
	const up = axis.y + (sum(heights) + gap * (rows - 1)) / 2;
	return items.map(({ id, width, height }, index) => {
		const { row, column } = of(index);
		// A last row that is not full stands in the middle.
		const alone = row === rows - 1 && !full;
		const start = alone ? middleStart(items.slice(row * columns), gap, axis.x) : left;
		const before = alone
			? items.slice(row * columns, index).map((item) => item.width)
			: widths.slice(0, column);
		const room = alone ? width : widths[column]!;
		return {
			id,
			x: start + sum(before) + gap * before.length + (room - width) / 2,
			y: up - sum(heights.slice(0, row)) - gap * row - heights[row]! / 2 - height / 2
		};
	});
}

const middleStart = (items: readonly Item[], gap: number, axis: number): number =>
	axis - (sum(items.map(({ width }) => width)) + gap * (items.length - 1)) / 2;

export const gridFacts: StyleFacts = {
	style: 'grid',
	label: 'Grid',
	suits: 'Equal frames in rows and columns, the tightest of hangs.',
	regular: true,
	advice: (count) =>
		[5, 7, 11, 13].includes(count)
			? 'This count leaves a last row that is not full; it is centred.'
			: null
};

export const grid: Style = {
	facts: gridFacts,
	lay: (task) => {
		const count = task.items.length;
		const shapes = Array.from({ length: count }, (_, index) => index + 1).filter((columns) => {
			const rows = Math.ceil(count / columns);
			// One row is a single hang and one column a column; a grid has both, unless there is too little for it.
			return count < 4 || (rows > 1 && columns > 1 && columns * (rows - 1) < count);
		});
		const found = (columns: number): Layout[] => {
			const places = settled(place(task.items, columns, task), task);
			const rows = Math.ceil(count / columns);
			return places ? [{ name: ARRANGED.grid({ rows, columns }), places }] : [];
		};
		const full = shapes.filter((columns) => count % columns === 0).flatMap(found);
		return full.length > 0 ? full : shapes.flatMap(found);
	}
};
