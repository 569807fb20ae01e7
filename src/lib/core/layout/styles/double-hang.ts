import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

/** Two and two above each other; one that is over stands alone in the middle, or at the end of an even count of pairs. */
function columnsOf(items: readonly Item[]): Item[][] {
	const [alone, pairs] = items.length % 2 === 1 ? [items[0]!, items.slice(1)] : [null, items];
	const columns: Item[][] = [];
	for (let index = 0; index < pairs.length; index += 2) columns.push(pairs.slice(index, index + 2));
	if (alone) columns.splice(Math.floor(columns.length / 2), 0, [alone]);
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
		const bySize = [...task.items].sort((a, b) => b.width * b.height - a.width * a.height);
		const orders = [
			{ name: ARRANGED['widths-paired'](), items: strongestFirst(byWidth) },
			{ name: ARRANGED['as-given'](), items: strongestFirst(task.items) },
			{ name: ARRANGED['large-above-small'](), items: strongestFirst(alternated(bySize)) }
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

/** Where one stands alone it is the largest. */
function strongestFirst(items: readonly Item[]): Item[] {
	if (items.length % 2 === 0) return [...items];
	const largest = items.reduce((a, b) => (b.width * b.height > a.width * a.height ? b : a));
	return [largest, ...items.filter((item) => item !== largest)];
}
