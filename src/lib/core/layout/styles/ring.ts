import { grown, overlap, type Rect } from '../../base/geometry/rect.ts';
import type { Item, Place, Style, StyleFacts, Task } from '../types.ts';
import { middleOut } from '../orders.ts';
import { rectOf, settled } from '../room.ts';
import { slipsIn } from '../slips.ts';
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
	centrepiece: true,
	advice: (count) => (count > 9 ? 'More than eight round one make a wide ring.' : null),
	refuses: (count) => (count >= 4 ? null : 'A ring takes a main piece and at least three round it.')
};

export const ringStyle: Style = {
	facts: ringFacts,
	lay: (task) => {
		const area = ({ id, width, height }: Item) => (id === task.main ? Infinity : width * height);
		const bySize = [...task.items].sort((a, b) => area(b) - area(a));
		const [main, ...others] = bySize as [Item, ...Item[]];
		const layouts = [
			{ name: ARRANGED['by-size-from-top'](), places: ring(main, mirroredRound(others), task) },
			{ name: ARRANGED.arc(), places: arc(middleOut(task.items), task) },
			...(task.items.length % 2 === 1
				? [{ name: ARRANGED['hanging-arc'](), places: arc(middleOut(task.items), task, -1) }]
				: [])
		];
		return layouts.flatMap(({ name, places }) => {
			const found = settled(places, task);
			return found ? [{ name, places: found }] : [];
		});
	}
};

/** Sizes mirrored about the plumb line, the largest at the top: a first, then pairs of like size to both sides. */
function mirroredRound(others: readonly Item[]): Item[] {
	const [top, ...rest] = others;
	const [right, left]: [Item[], Item[]] = [[], []];
	for (const [index, item] of rest.entries()) (index % 2 === 0 ? right : left).push(item);
	return top ? [top, ...right, ...left.toReversed()] : [];
}

/** How much an arc may rise for half its width, the calmest first. From memory. */
const RISES = [0.22, 0.27, 0.32, 0.18, 0.37, 0.15];

/** An arc over the whole width, the wished gap from side to side; `up` -1 for one that hangs. No two edges are nearly level. */
function arc(items: readonly Item[], task: Task, up: 1 | -1 = 1): Place[] {
	const arcs = RISES.map((rise) => onCircle(items, task, up * rise));
	const slips = (places: readonly Place[]) =>
		slipsIn(places.map((place, index) => rectOf(items[index]!, place)));
	return arcs.find((places) => slips(places) === 0) ?? arcs[0]!;
}

/** Middles on a circle; below 0 it hangs. */
function onCircle(items: readonly Item[], { gap, axis }: Task, bend: number): Place[] {
	const total = items.reduce((sum, { width }) => sum + width + gap, -gap);
	const half = total / 2;
	const [up, rise] = [Math.sign(bend), Math.abs(bend) * half];
	const radius = (half * half + rise * rise) / (2 * rise);
	let left = -half;
	return items.map(({ id, width, height }) => {
		const middle = left + width / 2;
		left += width + gap;
		const y = Math.sqrt(radius * radius - middle * middle) - radius + rise / 2;
		return { id, x: axis.x + middle - width / 2, y: axis.y + up * y - height / 2 };
	});
}
