import { ok, type Result } from '../../base/result.ts';
import type { LengthUnit } from '../../base/units/parse-length.ts';
import { measureOn } from '../../piece/hangers/index.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import type { Piece } from '../../piece/piece.ts';
import { startPiece, type NewId } from '../start.ts';
import { FIGURES_OF } from './figures-of.ts';
import { readLine, type LineRead } from './read-line.ts';

/** A piece out of a line, how many of it there are, and what of the line was not understood. */
export interface ByLine {
	piece: Piece;
	count: number;
	unknown: string[];
}

/** A new piece as a line says it; what it does not say is assumed, as for any new piece. Errors as of `readLine`. */
export function pieceByLine(
	text: string,
	assume: LengthUnit,
	newId: NewId,
	used: Iterable<string>
): Result<ByLine> {
	const read = readLine(text, assume);
	if (!read.ok) return read;
	const { kind, hanger, depth, glazing, name, count, unknown, ...line } = read.value;
	const started = startPiece(newId, used, {
		...{ width: line.width, height: line.height, weight: line.weight },
		...(name === null ? {} : { name }),
		...(kind === null ? {} : { kind }),
		...(hanger === null ? {} : { hanger })
	});
	const piece = {
		...started,
		...(depth === null ? {} : { depth }),
		...(glazing === null ? {} : { glazing })
	};
	const { back, unused } = measured(piece, line.figures);
	return ok({ piece: { ...piece, back }, count, unknown: [...unknown, ...unused] });
}

/** The back with the figures of a line, and the words of those that it does not ask for. */
function measured(
	piece: Piece,
	figures: LineRead['figures']
): { back: Piece['back']; unused: string[] } {
	const { apart, down, others } = FIGURES_OF[piece.back.kind];
	const keys: Record<keyof typeof figures, readonly string[]> = {
		apart: apart === undefined ? [] : [apart],
		down,
		wire: others?.['wire'] === undefined ? [] : [others['wire']],
		hooks: others?.['hooks'] === undefined ? [] : [others['hooks']]
	};
	let { back } = piece;
	const unused: string[] = [];
	for (const word of Object.keys(figures) as (keyof typeof figures)[]) {
		const mm = figures[word];
		if (mm === null) continue;
		if (keys[word].length === 0) unused.push(word);
		for (const key of keys[word]) back = measureOn(back, hungPiece({ ...piece, back }), key, mm);
	}
	return { back, unused };
}
