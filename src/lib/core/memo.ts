/**
 * A function remembered by the identity of its first argument and the sameness of the others.
 * Facts are never changed in place, so an unchanged piece keeps its earlier result.
 */
export function memoised<K extends object, Rest extends unknown[], R>(
	compute: (key: K, ...rest: Rest) => R
): (key: K, ...rest: Rest) => R {
	const remembered = new WeakMap<K, { rest: Rest; result: R }>();
	return (key, ...rest) => {
		const known = remembered.get(key);
		if (known && known.rest.every((value, index) => Object.is(value, rest[index])))
			return known.result;
		const result = compute(key, ...rest);
		remembered.set(key, { rest, result });
		return result;
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
	const remembered = new WeakMap<object, { seen: unknown[]; result: R }>();
	return (subject) => {
		const seen = parts(subject);
		const known = remembered.get(seen[0]);
		if (known?.seen.every((part, index) => Object.is(part, seen[index]))) return known.result;
		const result = compute(subject);
		remembered.set(seen[0], { seen, result });
		return result;
	};
}

/** A value that is made when it is first asked for, and then kept. */
export function lazy<T>(make: () => T): () => T {
	let made: { value: T } | null = null;
	return () => (made ??= { value: make() }).value;
}
