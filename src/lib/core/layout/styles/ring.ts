import { grown, overlap, type Rect } from '../../base/geometry/rect.ts';
import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { middleOut } from '../orders.ts';
import { settled } from '../room.ts';
import { ARRANGED } from '../../../words/en/arranged.ts';

const boxAt = ({ width, height }: Item, x: number, y: number): Rect => ({
	x: x - width / 2,
	y: y - height / 2,
	width,
	height
});

/** Boxes of a main piece and of others evenly round it at a radius, from the top on. */
function around(
	main: Item,
	others: readonly Item[],
	radius: number,
	{ x, y }: Task['axis']
): Rect[] {
	return [
		boxAt(main, x, y),
		...others.map((item, index) => {
			const angle = Math.PI / 2 - (2 * Math.PI * index) / others.length;
			return boxAt(item, x + radius * Math.cos(angle), y + radius * Math.sin(angle));
		})
	];
}

const clear = (rects: readonly Rect[], gap: number): boolean =>
	rects.every((a, index) => rects.slice(index + 1).every((b) => !overlap(grown(a, gap), b, 1e-6)));

/** The smallest radius at which no two come nearer than the gap, by halving. */
function ring(main: Item, others: readonly Item[], task: Task): Place[] {
	let [low, high] = [0, 1];
	while (!clear(around(main, others, high, task.axis), task.gap)) high *= 2;
	for (let step = 0; step < 50; step++) {
		const middle = (low + high) / 2;
		if (clear(around(main, others, middle, task.axis), task.gap)) high = middle;
		else low = middle;
	}
	const rects = around(main, others, high, task.axis);
	return [main, ...others].map(({ id }, index) => ({ id, x: rects[index]!.x, y: rects[index]!.y }));
}

export const ringFacts: StyleFacts = {
	style: 'ring',
	label: 'Ring',
	suits: 'Plates or small pieces evenly round a main one.',
	regular: false,
	advice: (count) => (count > 9 ? 'More than eight round one make a wide ring.' : null),
	refuses: (count) => (count >= 4 ? null : 'A ring takes a main piece and at least three round it.')
};

export const ringStyle: Style = {
	facts: ringFacts,
	lay: (task) => {
		const bySize = [...task.items].sort((a, b) => b.width * b.height - a.width * a.height);
		const [main, ...others] = bySize as [Item, ...Item[]];
		const orders = [
			{ name: ARRANGED['by-size-from-top'](), items: others },
			{ name: ARRANGED['small-between-large'](), items: middleOut(others) }
		];
		return orders.flatMap(({ name, items }) => {
			const found = settled(ring(main, items, task), task);
			return found ? [{ name, places: found }] : [];
		});
	}
};
