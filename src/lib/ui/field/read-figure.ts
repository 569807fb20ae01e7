import type { Piece, PieceFact } from '$lib/core/index.ts';
import { measureBack, setPiece, type ReadFigure } from '$lib/store/commands/index.ts';
import { READINGS } from '$lib/words/en/readings.ts';

/** A figure of a piece as something that is read and written. */
export const readFigureOf = (
	{ id, letter }: Pick<Piece, 'id' | 'letter'>,
	{ fact, label, state, value, ways }: PieceFact
): ReadFigure => ({
	fact,
	name: READINGS.figure({ of: label.toLowerCase(), piece: letter }),
	stands: state === 'measured' ? value : null,
	way: ways[0],
	write: (mean) =>
		fact.of === 'back' ? measureBack(id, fact.key, mean) : setPiece(id, { [fact.key]: mean })
});
