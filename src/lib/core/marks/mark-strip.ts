import { right } from '../geometry/rect.ts';
import type { PlannedPiece } from '../plan/hang.ts';

/** A strip of tape as long as a piece is wide, that carries its marks to the wall, as seen from the room. */
export interface MarkStrip {
	pieceId: string;
	letter: string;
	/** mm; its ends are the sides of the piece. */
	length: number;
	/** From its left end, mm; `up` above its lower edge, which lies on the lowest hole. */
	marks: { name: string; at: number; up: number }[];
	/** Middle of the piece, from its left end, mm. */
	centre: number;
	/** From its lower edge up to the top of the piece, mm. */
	below: number;
}

/** Strips for the pieces with several holes; one hole needs none. */
export const markStrips = (pieces: readonly PlannedPiece[]): MarkStrip[] =>
	pieces
		.filter(({ hooks }) => hooks.length > 1)
		.map(({ pieceId, letter, rect, hooks }) => {
			const line = Math.min(...hooks.map(({ hole }) => hole.y));
			return {
				...{ pieceId, letter },
				length: rect.width,
				marks: hooks
					.map(({ name, hole }) => ({ name, at: hole.x - rect.x, up: hole.y - line }))
					.sort((a, b) => a.at - b.at),
				centre: (right(rect) - rect.x) / 2,
				below: rect.y + rect.height - line
			};
		});

/** A part of a strip that fits on a page. */
export interface StripPart {
	/** From the strip’s left end, mm. */
	from: number;
	to: number;
}

/** Parts no longer than a page lets them be, as few as there can be; neighbours share an overlap to be glued on. */
export function stripParts(length: number, page: number, overlap: number): StripPart[] {
	if (length <= page) return [{ from: 0, to: length }];
	const count = Math.ceil((length - overlap) / (page - overlap));
	const each = (length + overlap * (count - 1)) / count;
	return Array.from({ length: count }, (_, index) => ({
		from: index * (each - overlap),
		to: Math.min(index * (each - overlap) + each, length)
	}));
}
