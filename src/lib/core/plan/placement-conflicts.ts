import { care } from './said.ts';
import type { Caution } from '../base/caution.ts';
import { faceOf, type Feature, type Zone } from '../wall/features/index.ts';
import { overlap, right, top, type Rect } from '../base/geometry/rect.ts';
import { memoised, memoisedOn } from '../base/memo.ts';
import type { Wall } from '../model/wall.ts';
import { ceilingLine, ceilingAt, floorAt } from '../wall/survey/outline.ts';
import { surveyParts } from '../wall/survey/parts.ts';
import type { PlannedPiece } from '../model/planned.ts';

/** A caution and the piece it belongs to. */
export interface PieceCaution {
	pieceId: string;
	caution: Caution;
	/** The hook it is about, where it is about one. */
	hookId?: string;
}

/** Pieces that cover each other, come where a feature wants room, or leave the wall. */
export function placementConflicts(pieces: readonly PlannedPiece[], wall: Wall): PieceCaution[] {
	return [...overlapping(pieces), ...pieces.flatMap((piece) => standing(piece, wall))];
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
					caution: care('pieces-overlap', { letter: piece.letter, other: other.letter })
				});
		}
	return found;
}

const zonesOf = memoised((features: readonly Feature[]): Zone[][] =>
	features.map((feature) => faceOf(feature).zones(feature))
);

/** Remembered for each piece, as long as it and the survey stay as they are. */
const standing = (piece: PlannedPiece, wall: Wall): PieceCaution[] =>
	outsideOrOver(piece, bySurvey(wall));

/** One wall stands for all that differ only in what hangs on them. */
const bySurvey = memoisedOn(
	(wall: Wall) => [wall.features, ...surveyParts(wall)],
	(wall) => wall
);

const outsideOrOver = memoised(({ pieceId, letter, rect }: PlannedPiece, wall: Wall) => {
	const outside = fits(rect, wall) ? [] : [care('off-wall', { letter })];
	const crowded = zonesOf(wall.features).flatMap((zones) => {
		const reached = zones.filter((zone) => overlap(rect, zone.rect));
		const over = reached.find((zone) => zone === zones[0]);
		return (over ? [over] : reached).map(({ caution }) => caution(letter));
	});
	return [...outside, ...crowded].map((caution): PieceCaution => ({ pieceId, caution }));
});

/** Whether a rectangle lies between the ends of the wall, its floor and its ceiling. */
function fits(rect: Rect, wall: Wall): boolean {
	const end = right(rect);
	if (rect.x < -0.01 || end > wall.width + 0.01) return false;
	const corners = ceilingLine(wall).filter(({ x }) => x > rect.x && x < end);
	const ceiling = Math.min(
		ceilingAt(wall, rect.x),
		ceilingAt(wall, end),
		...corners.map(({ y }) => y)
	);
	const floor = Math.max(floorAt(wall, rect.x), floorAt(wall, end));
	return rect.y >= floor - 0.01 && top(rect) <= ceiling + 0.01;
}
