/** The first letter label nobody uses: A to Z, then AA, AB and on. */
export const nextLetter = (used: Iterable<string>): string => freeLetters(used)();

/** Gives the letter labels nobody uses, one after the other. */
export function freeLetters(used: Iterable<string>): () => string {
	const taken = new Set(used);
	let index = 0;
	return () => {
		for (; ; index++) {
			const letter = letterAt(index);
			if (taken.has(letter)) continue;
			taken.add(letter);
			return letter;
		}
	};
}

function letterAt(index: number): string {
	const last = String.fromCharCode(65 + (index % 26));
	return index < 26 ? last : letterAt(Math.floor(index / 26) - 1) + last;
}
