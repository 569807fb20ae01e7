/**
 * Places as near as can be to those wished, in the same order and at least so far apart: least squares.
 * Each place less its own share of the distance may only grow, so neighbours that would fall back are pooled to their mean.
 */
export function spread(wished: readonly number[], apart: number): number[] {
	const pools: { sum: number; count: number }[] = [];
	for (const [index, place] of wished.entries()) {
		let pool = { sum: place - index * apart, count: 1 };
		for (
			let last = pools.at(-1);
			last && last.sum / last.count > pool.sum / pool.count;
			last = pools.at(-1)
		) {
			pools.pop();
			pool = { sum: pool.sum + last.sum, count: pool.count + last.count };
		}
		pools.push(pool);
	}
	return pools
		.flatMap(({ sum, count }) => Array.from({ length: count }, () => sum / count))
		.map((base, index) => base + index * apart);
}
