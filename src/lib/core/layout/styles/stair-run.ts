import type { Place, Style, StyleFacts, Task } from '../types.ts';
import { ordersOf } from '../orders.ts';
import { allFree, settled } from '../room.ts';
import { stairRun } from '../stair-run.ts';

export const stairRunFacts: StyleFacts = {
	style: 'stair-run',
	label: 'Stair run',
	suits: 'Middles on a line that climbs with the stairs.',
	regular: true,
	advice: () => 'Sizes that are alike run more calmly up a stair.'
};

export const stairRunStyle: Style = {
	facts: stairRunFacts,
	lay: (task) =>
		ordersOf(task.items).flatMap(({ name, items }) => {
			const places = climb(items, task);
			const found = allFree(places, task) ? places : settled(places, task);
			return found ? [{ name, places: found }] : [];
		})
};

/** With the wished gap from side to side, and the middles on the rake. */
function climb(items: Task['items'], { gap, axis, rake }: Task): Place[] {
	const total = items.reduce((sum, { width }) => sum + width, 0) + gap * (items.length - 1);
	let left = -total / 2;
	const xs = items.map(({ width }) => {
		const middle = left + width / 2;
		left += width + gap;
		return middle;
	});
	const rise = rake.up === 'right' ? rake.rise : -rake.rise;
	const { centres } = stairRun({ rise, going: rake.going, above: 0, xs });
	return items.map(({ id, width, height }, index) => ({
		id,
		x: axis.x + centres[index]!.x - width / 2,
		y: axis.y + centres[index]!.y - height / 2
	}));
}
