/** So many answers are remembered for one thing: a house has about as many walls. A choice, no source. */
const MOST = 8;

interface Answer<Rest, R> {
	rest: Rest;
	result: R;
}

const same = (a: readonly unknown[], b: readonly unknown[]): boolean =>
	a.length === b.length && a.every((value, index) => Object.is(value, b[index]));

/** The answer remembered for the same values, else a new one; the latest is looked at first, the oldest forgotten. */
function remembered<Rest extends unknown[], R>(
	answers: Answer<Rest, R>[],
	rest: Rest,
	compute: () => R
): R {
	const known = answers.find((answer) => same(answer.rest, rest));
	if (known) return known.result;
	const result = compute();
	answers.unshift({ rest, result });
	if (answers.length > MOST) answers.pop();
	return result;
}

/**
 * A function remembered by the identity of its first argument and the sameness of the others; several answers for one
 * argument, so that one wall does not drive out what is known of another.
 * Facts are never changed in place, so an unchanged piece keeps its earlier result.
 */
export function memoised<K extends object, Rest extends unknown[], R>(
	compute: (key: K, ...rest: Rest) => R
): (key: K, ...rest: Rest) => R {
	const known = new WeakMap<K, Answer<Rest, R>[]>();
	return (key, ...rest) => {
		const answers = known.get(key) ?? [];
		known.set(key, answers);
		return remembered(answers, rest, () => compute(key, ...rest));
	};
}

/**
 * A function remembered by the sameness of the parts of its subject that it reads; the first of them holds the memory.
 * For a wall that a drag makes anew while its survey stays as it was.
 */
export function memoisedOn<T, R>(
	parts: (subject: T) => [object, ...unknown[]],
	compute: (subject: T) => R
): (subject: T) => R {
	const known = new WeakMap<object, Answer<unknown[], R>[]>();
	return (subject) => {
		const seen = parts(subject);
		const answers = known.get(seen[0]) ?? [];
		known.set(seen[0], answers);
		return remembered(answers, seen, () => compute(subject));
	};
}

/** A value that is made when it is first asked for, and then kept. */
export function lazy<T>(make: () => T): () => T {
	let made: { value: T } | null = null;
	return () => (made ??= { value: make() }).value;
}
