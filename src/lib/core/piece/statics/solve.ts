/** Root of a function that changes sign between `low` and `high`, by bisection to the last bit. */
export function bisect(f: (x: number) => number, low: number, high: number): number {
	const lowIsNegative = f(low) < 0;
	let a = low;
	let b = high;
	for (let step = 0; step < 200; step++) {
		const middle = (a + b) / 2;
		if (middle === a || middle === b) break;
		if (f(middle) < 0 === lowIsNegative) a = middle;
		else b = middle;
	}
	return (a + b) / 2;
}
