import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

/** Two and two above each other; one left over stands alone on the line. */
function columnsOf(items: readonly Item[]): Item[][] {
	const columns: Item[][] = [];
	for (let index = 0; index < items.length; index += 2) columns.push(items.slice(index, index + 2));
	return columns;
}

function place(columns: Item[][], { gap, axis }: Task): Place[] {
	const widths = columns.map((column) => Math.max(...column.map(({ width }) => width)));
	let x = axis.x - (widths.reduce((a, b) => a + b, 0) + gap * (columns.length - 1)) / 2;
	return columns.flatMap((column, index) => {
		const middle = x + widths[index]! / 2;
		x += widths[index]! + gap;
		const [over, under] = column;
		if (!under)
			return [{ id: over!.id, x: middle - over!.width / 2, y: axis.y - over!.height / 2 }];
		return [
			{ id: over!.id, x: middle - over!.width / 2, y: axis.y + gap / 2 },
			{ id: under.id, x: middle - under.width / 2, y: axis.y - gap / 2 - under.height }
		];
	});
}

export const doubleHangFacts: StyleFacts = {
	style: 'double-hang',
	label: 'Double hang',
	suits: 'Related pieces one above the other, the line between them level.',
	regular: true,
	advice: (count) =>
		count % 2 === 1 ? 'One stands alone: put the strongest there, or leave one out.' : null
};

export const doubleHang: Style = {
	facts: doubleHangFacts,
	lay: (task) => {
		const byWidth = [...task.items].sort((a, b) => b.width - a.width);
		const orders = [
			{ name: ARRANGED['as-given'](), items: [...task.items] },
			{ name: ARRANGED['widths-paired'](), items: byWidth },
			{ name: ARRANGED['large-above-small'](), items: alternated(byWidth) }
		];
		return orders.flatMap(({ name, items }) => {
			const found = settled(place(columnsOf(items), task), task);
			return found ? [{ name, places: found }] : [];
		});
	}
};

function alternated(sorted: Item[]): Item[] {
	const half = Math.ceil(sorted.length / 2);
	return sorted
		.slice(0, half)
		.flatMap((item, index) => [item, ...(sorted[half + index] ? [sorted[half + index]!] : [])]);
}
