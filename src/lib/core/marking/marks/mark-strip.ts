import { top } from '../../base/geometry/rect.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import { markedPoint } from './marked-point.ts';

/** A strip of tape as long as a piece is wide, that carries its marks to the wall, as seen from the room. */
export interface MarkStrip {
	pieceId: string;
	letter: string;
	/** mm; its ends are the sides of the piece. */
	length: number;
	/** From its left end, mm; `up` above its level line, which runs through the lowest of them. */
	marks: { name: string; at: number; up: number }[];
	/** Middle of the piece, from its left end, mm. */
	centre: number;
	/** From that line up to the top of the piece, mm. */
	below: number;
}

/** A strip is no higher than lets marks lie so far apart, mm. */
const HIGH = 12;

/** Strips for the pieces with several marks near their highest; one there needs none. */
export const markStrips = (pieces: readonly PlannedPiece[]): MarkStrip[] =>
	pieces.flatMap(({ pieceId, letter, rect, hooks }) => {
		const points = hooks.map((hook) => ({ name: hook.name, point: markedPoint(hook) }));
		const highest = Math.max(...points.map(({ point }) => point.y));
		const upper = points.filter(({ point }) => highest - point.y <= HIGH);
		if (upper.length < 2) return [];
		const line = Math.min(...upper.map(({ point }) => point.y));
		return [
			{
				...{ pieceId, letter },
				length: rect.width,
				marks: upper
					.map(({ name, point }) => ({ name, at: point.x - rect.x, up: point.y - line }))
					.sort((a, b) => a.at - b.at),
				centre: rect.width / 2,
				below: top(rect) - line
			}
		];
	});
