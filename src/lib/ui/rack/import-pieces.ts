import { freeLetters, startPiece, withFigures, type Piece } from '../../core/index.ts';
import type { PieceRow } from '../../files/pieces-csv.ts';

/** Rows of a list as pieces, each with a letter of its own and a back nobody has measured yet. */
export function piecesFrom(
	rows: readonly PieceRow[],
	used: Iterable<string>,
	newId: () => string
): Piece[] {
	const given = rows.map(({ letter }) => letter).filter((letter) => letter !== '');
	const nextFree = freeLetters([...used, ...given]);
	return rows.map((row) => {
		const { hanger, letter, depth, name, width, height, weight, kind, set, notes, figures } = row;
		const piece = startPiece(newId, [], {
			width,
			height,
			weight,
			kind,
			...(hanger ? { hanger } : {})
		});
		const own = letter === '' ? nextFree() : letter;
		return {
			...piece,
			back: withFigures(piece, figures).back,
			letter: own,
			name: name === '' ? `Piece ${own}` : name,
			depth: depth ?? piece.depth,
			set,
			notes
		};
	});
}
