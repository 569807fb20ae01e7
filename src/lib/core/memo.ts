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
