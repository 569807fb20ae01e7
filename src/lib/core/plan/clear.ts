import { care, type Caution } from '../caution.ts';
import { overlap, right, top, type Rect } from '../geometry/rect.ts';
import type { Wall } from '../model/wall.ts';
import type { PlannedPiece } from './hang.ts';

/** A caution and the piece it belongs to. */
export interface PieceCaution {
	pieceId: string;
	caution: Caution;
}

/** Pieces that cover each other, a feature of the wall, or leave the wall. */
export function crowding(pieces: readonly PlannedPiece[], wall: Wall): PieceCaution[] {
	return [...overlapping(pieces), ...pieces.flatMap((piece) => outsideOrOver(piece, wall))];
}

/** Sweeps from left to right, so that only pieces that share a stretch of wall are compared. */
function overlapping(pieces: readonly PlannedPiece[]): PieceCaution[] {
	const sorted = [...pieces].sort((a, b) => a.rect.x - b.rect.x);
	const found: PieceCaution[] = [];
	for (const [index, piece] of sorted.entries())
		for (let next = index + 1; next < sorted.length; next++) {
			const other = sorted[next]!;
			if (other.rect.x >= right(piece.rect)) break;
			if (overlap(piece.rect, other.rect))
				found.push({
					pieceId: piece.pieceId,
					caution: care(
						'pieces-overlap',
						`${piece.letter} and ${other.letter} overlap.`,
						'Move one of them apart.'
					)
				});
		}
	return found;
}

function outsideOrOver({ pieceId, letter, rect }: PlannedPiece, wall: Wall): PieceCaution[] {
	const found: PieceCaution[] = [];
	if (!inside(rect, wall))
		found.push({
			pieceId,
			caution: care('off-wall', `${letter} reaches beyond the wall.`, 'Move it back onto the wall.')
		});
	for (const feature of wall.features)
		if (overlap(rect, feature))
			found.push({
				pieceId,
				caution: care(
					'over-feature',
					`${letter} covers the ${feature.name.toLowerCase()}.`,
					'Keep doors, windows, sockets, switches and furniture clear.'
				)
			});
	return found;
}

const inside = (rect: Rect, wall: Wall): boolean =>
	rect.x >= -0.01 &&
	right(rect) <= wall.width + 0.01 &&
	rect.y >= -0.01 &&
	top(rect) <= wall.height + 0.01;
