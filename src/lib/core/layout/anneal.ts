import type { SequencePair } from './sequence-pair.ts';

/** Swaps two places of a list in place. */
function swap(list: number[], a: number, b: number): void {
	[list[a], list[b]] = [list[b]!, list[a]!];
}

/** A neighbour of a sequence pair: two pieces change places in the first order, or in both. */
function step(pair: SequencePair, draw: () => number): SequencePair {
	const count = pair.first.length;
	const [first, second] = [[...pair.first], [...pair.second]];
	const a = Math.floor(draw() * count);
	const b = (a + 1 + Math.floor(draw() * (count - 1))) % count;
	swap(first, a, b);
	if (draw() < 0.5) {
		const [p, q] = [second.indexOf(first[a]!), second.indexOf(first[b]!)];
		swap(second, p, q);
	}
	return { first, second };
}

/**
 * Anneals a sequence pair; the same numbers drawn give the same answer. Temperatures fall from 0.3 to 0.002 of a cost
 * of 1. A step is taken while it costs less than `here − heat · ln(draw)`; a cost at or above that need not be exact.
 */
export function anneal(
	start: SequencePair,
	cost: (pair: SequencePair, enough?: number) => number,
	iterations: number,
	draw: () => number
): SequencePair {
	let here = { pair: start, cost: cost(start) };
	let best = here;
	if (start.first.length < 2) return start;
	for (let iteration = 0; iteration < iterations; iteration++) {
		const heat = 0.3 * (0.002 / 0.3) ** (iteration / iterations);
		const pair = step(here.pair, draw);
		const enough = here.cost - heat * Math.log(draw());
		const own = cost(pair, enough);
		if (own < enough) here = { pair, cost: own };
		if (here.cost < best.cost) best = here;
	}
	return best.pair;
}
