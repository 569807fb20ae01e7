import { untrack } from 'svelte';

/**
 * A value that tells what rests on it only when it has become another. A derived value marks all that rests on it
 * whenever anything upstream changes, and with hundreds of pieces on a wall that alone is too dear for a drag.
 */
export class Settled<T> {
	#value: T = $state.raw()!;

	/** To be made while a component starts. */
	constructor(read: () => T, same: (a: T, b: T) => boolean = Object.is) {
		this.#value = untrack(read);
		$effect.pre(() => {
			const next = read();
			if (!untrack(() => same(this.#value, next))) this.#value = next;
		});
	}

	get value(): T {
		return this.#value;
	}
}

export const sameList = <T>(a: readonly T[], b: readonly T[]): boolean =>
	a.length === b.length && a.every((each, index) => Object.is(each, b[index]));
