/** Several readings of one thing. */
export interface Average {
	mean: number;
	/** Sample standard deviation of the readings; 0 for one. */
	spread: number;
	/** Half-width within which the mean lies nine times in ten, from the spread alone: 1.645·spread/√n. */
	plusMinus: number;
	count: number;
}

/** The mean of readings and how far they scatter, in their own unit. RangeError when there are none. */
export function averageOf(values: readonly number[]): Average {
	const count = values.length;
	if (count === 0) throw new RangeError('there must be at least one reading');
	const mean = values.reduce((a, b) => a + b, 0) / count;
	const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
	const spread = count === 1 ? 0 : Math.sqrt(squares / (count - 1));
	return { mean, spread, plusMinus: (1.645 * spread) / Math.sqrt(count), count };
}
