import type { Result } from '../../base/result.ts';
import type { LengthUnit } from '../../base/units/parse-length.ts';
import type { Piece } from '../../piece/piece.ts';
import { freeLetters } from '../letters.ts';
import type { NewId } from '../start.ts';
import { pieceByLine, type ByLine } from './piece-by-line.ts';

/** One line of a list, and what it came to. */
export interface LineTold {
	line: string;
	read: Result<ByLine>;
}

/** Lines that say something, each read by itself. */
export const readLines = (text: string, assume: LengthUnit): LineTold[] =>
	text
		.split('\n')
		.filter((line) => line.trim() !== '')
		.map((line) => ({ line, read: pieceByLine(line, assume, () => '', []) }));

/** The pieces of the lines that could be read, alike ones several times, each with a letter of its own. */
export function piecesByLines(
	told: readonly LineTold[],
	newId: NewId,
	used: Iterable<string>
): Piece[] {
	const nextLetter = freeLetters(used);
	return told.flatMap(({ read }) => {
		if (!read.ok) return [];
		const { piece, count } = read.value;
		const isNamed = piece.name !== `Piece ${piece.letter}`;
		return Array.from({ length: count }, (_, index): Piece => {
			const letter = nextLetter();
			const name = !isNamed
				? `Piece ${letter}`
				: count === 1
					? piece.name
					: `${piece.name} ${index + 1}`;
			return { ...piece, id: newId(), letter, name };
		});
	});
}
