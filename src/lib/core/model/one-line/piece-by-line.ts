import { ok, type Result } from '../../base/result.ts';
import type { LengthUnit } from '../../base/units/parse-length.ts';
import type { Piece } from '../../piece/piece.ts';
import { startPiece, type NewId } from '../start.ts';
import { withFigures } from './figures.ts';
import { readLine } from './read-line.ts';

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
	const { back, unused } = withFigures(piece, line.figures);
	return ok({ piece: { ...piece, back }, count, unknown: [...unknown, ...unused] });
}
