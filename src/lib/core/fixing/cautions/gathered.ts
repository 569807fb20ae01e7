import type { Caution } from '../../base/caution.ts';

/** A caution with the letters of all pieces it is true of. */
export interface Gathered {
	/** None where it is true of the wall. */
	letters: string[];
	/** As it is said of the first of them. */
	caution: Caution;
}

/** Cautions that differ in their piece alone are told once; the gravest first, else in their order. */
export function gathered(cautions: readonly { letter: string; caution: Caution }[]): Gathered[] {
	const byWords = new Map<string, Gathered>();
	for (const { letter, caution } of cautions) {
		const words = withoutLetter(caution, letter);
		const known = byWords.get(words);
		if (!known) byWords.set(words, { letters: letter ? [letter] : [], caution });
		else if (letter && !known.letters.includes(letter)) known.letters.push(letter);
	}
	return [...byWords.values()].toSorted(
		(a, b) => Number(b.caution.grade === 'stop') - Number(a.caution.grade === 'stop')
	);
}

const withoutLetter = ({ grade, message, remedy }: Caution, letter: string): string =>
	`${grade} ${message} ${remedy}`
		.split(' ')
		.map((word) => (startsWith(word, letter) ? `·${word.slice(letter.length)}` : word))
		.join(' ');

/** As in “A”, “A,” and “A’s”, and not in “Anyone”. */
const startsWith = (word: string, letter: string): boolean =>
	letter !== '' && word.startsWith(letter) && !/[A-Za-z]/.test(word[letter.length] ?? '');
