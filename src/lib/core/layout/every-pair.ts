import type { SequencePair } from './sequence-pair.ts';

/** How many pairs of orders there are of so many pieces: (n!)². */
export function pairsOf(count: number): number {
	let orders = 1;
	for (let each = 2; each <= count; each++) orders *= each;
	return orders ** 2;
}

/** The pair of orders that costs least, every one tried; a cost that is no less than the least so far need not be exact. */
export function bestOfAll(
	count: number,
	cost: (pair: SequencePair, enough: number) => number
): SequencePair {
	const orders = ordersOf(count);
	let best: SequencePair = { first: orders[0]!, second: orders[0]! };
	let least = Infinity;
	for (const first of orders)
		for (const second of orders) {
			const own = cost({ first, second }, least);
			if (own < least) [best, least] = [{ first, second }, own];
		}
	return best;
}

/** Every order of the numbers from 0 on. */
function ordersOf(count: number): number[][] {
	let orders: number[][] = [[]];
	for (let next = 0; next < count; next++)
		orders = orders.flatMap((order) =>
			Array.from({ length: order.length + 1 }, (_, at) => order.toSpliced(at, 0, next))
		);
	return orders;
}
