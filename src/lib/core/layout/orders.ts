import type { Item } from './types.ts';
import { ARRANGED } from '../../words/en/arranged.ts';

/** An order of pieces along a row or a column, and what it does. */
export interface Order {
	name: string;
	items: Item[];
}

const area = ({ width, height }: Item): number => width * height;

/** Largest in the middle, then outwards by turns to the right and the left. Common practice. */
export function middleOut(items: readonly Item[]): Item[] {
	const sorted = [...items].sort((a, b) => area(b) - area(a));
	return sorted.reduce<Item[]>(
		(row, item, index) => (index % 2 === 1 ? [...row, item] : [item, ...row]),
		[]
	);
}

/** Orders that differ to the eye, the one as given first; equal ones are left out. @param down in a column, else in a row. */
export function ordersOf(items: readonly Item[], down = false): Order[] {
	const bySize = [...items].sort((a, b) => area(a) - area(b));
	const half = Math.ceil(items.length / 2);
	const [small, large] = [bySize.slice(0, half), bySize.slice(half)];
	const mixed = small.flatMap((item, index) => [item, ...(large[index] ? [large[index]] : [])]);
	const orders: Order[] = [
		{ name: ARRANGED['as-given'](), items: [...items] },
		{ name: ARRANGED['largest-in-middle'](), items: middleOut(items) },
		{ name: ARRANGED.growing({ down }), items: bySize },
		{ name: ARRANGED.shrinking({ down }), items: bySize.toReversed() },
		{ name: ARRANGED['by-turns'](), items: mixed }
	];
	const shape = ({ items: row }: Order) =>
		row.map(({ width, height }) => `${width}x${height}`).join();
	return orders.filter(
		(order, index) => orders.findIndex((other) => shape(other) === shape(order)) === index
	);
}
