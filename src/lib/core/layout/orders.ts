import type { Item } from './types.ts';

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

/** Orders that differ to the eye, the one as given first; equal ones are left out. */
export function ordersOf(items: readonly Item[]): Order[] {
	const bySize = [...items].sort((a, b) => area(a) - area(b));
	const half = Math.ceil(items.length / 2);
	const [small, large] = [bySize.slice(0, half), bySize.slice(half)];
	const mixed = small.flatMap((item, index) => [item, ...(large[index] ? [large[index]] : [])]);
	const orders: Order[] = [
		{ name: 'as they stand', items: [...items] },
		{ name: 'largest in the middle', items: middleOut(items) },
		{ name: 'growing to the right', items: bySize },
		{ name: 'growing to the left', items: bySize.toReversed() },
		{ name: 'large and small by turns', items: mixed }
	];
	const shape = ({ items: row }: Order) =>
		row.map(({ width, height }) => `${width}x${height}`).join();
	return orders.filter(
		(order, index) => orders.findIndex((other) => shape(other) === shape(order)) === index
	);
}
