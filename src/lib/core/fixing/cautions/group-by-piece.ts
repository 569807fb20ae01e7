import type { Caution } from '../../base/caution.ts';

/** A caution with the letters of all pieces it is true of. */
export interface Gathered {
	/** None where it is true of the wall. */
	letters: string[];
	/** As it is said of the first of them. */
	caution: Caution;
}

/** Cautions that differ in their piece alone are told once; the gravest first, else in their order. */
export function groupByPiece(
	cautions: readonly { letter: string; caution: Caution }[]
): Gathered[] {
	const known = new Map<string, Gathered>();
	for (const { letter, caution } of cautions) {
		const key = withoutLetter(caution);
		const same = known.get(key);
		if (!same) known.set(key, { letters: letter ? [letter] : [], caution });
		else if (letter && !same.letters.includes(letter)) same.letters.push(letter);
	}
	return [...known.values()].toSorted(
		(a, b) => Number(b.caution.grade === 'stop') - Number(a.caution.grade === 'stop')
	);
}

const withoutLetter = ({ grade, code, values }: Caution): string =>
	JSON.stringify([grade, code, { ...values, letter: undefined }]);
