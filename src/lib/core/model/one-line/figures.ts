import { hangerOf, measureOn } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { Piece } from '../../piece/piece.ts';
import { FIGURES_OF } from './figures-of.ts';

/** Figures of a back by the words for them, mm; null for what is not told. */
export interface Figures {
	/** Between its rings, slots, bars or clips. */
	apart: number | null;
	/** From the top edge down to them. */
	down: number | null;
	/** Down to the wire, pulled. */
	wire: number | null;
	/** Between its hooks on the wall. */
	hooks: number | null;
}
export type FigureWord = keyof Figures;
const WORDS: readonly FigureWord[] = ['apart', 'down', 'wire', 'hooks'];

/** Dimensions of a back that a word tells: none where it does not ask for that. */
function keysOf({ back }: Pick<Piece, 'back'>, word: FigureWord): readonly string[] {
	const { apart, down, others = {} } = FIGURES_OF[back.kind];
	if (word === 'down') return down;
	const key = word === 'apart' ? apart : others[word];
	return key === undefined ? [] : [key];
}

/** The back with these figures, as measured, and the words of those that it does not ask for. */
export function withFigures(
	piece: Piece,
	figures: Figures
): { back: Piece['back']; unused: FigureWord[] } {
	let { back } = piece;
	const unused: FigureWord[] = [];
	for (const word of WORDS) {
		const mm = figures[word];
		if (mm === null) continue;
		const keys = keysOf(piece, word);
		if (keys.length === 0) unused.push(word);
		for (const key of keys) back = measureOn(back, hungPiece({ ...piece, back }), key, mm);
	}
	return { back, unused };
}

/** What was measured of a back, by the words for it. */
export function figuresOf(piece: Piece): Figures {
	const { back } = piece;
	const measured = new Map(
		hangerOf(back)
			.dimensions(back, hungPiece(piece))
			.filter(({ key }) => !back.assumed.includes(key))
			.map(({ key, value }) => [key, value])
	);
	const told = (word: FigureWord) => measured.get(keysOf(piece, word)[0] ?? '') ?? null;
	return { apart: told('apart'), down: told('down'), wire: told('wire'), hooks: told('hooks') };
}
