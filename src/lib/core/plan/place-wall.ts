import { stop } from './said.ts';
import type { Caution } from '../base/caution.ts';
import { memoised } from '../base/memo.ts';
import { activeArrangement, type Project, type Wall } from '../model/index.ts';
import { centreLineOf, type CentreLine } from '../model/placed.ts';
import type { PlannedPiece } from '../model/planned.ts';
import type { Placement } from '../model/wall.ts';
import type { Piece } from '../piece/piece.ts';
import { asHung, currentHangings, installedHooks, placeOf, withSetHooks } from './as-hung.ts';
import { planPiece } from './hang.ts';

/** The pieces of a rack by their ids. */
export const piecesById = memoised(
	(pieces: readonly Piece[]) => new Map(pieces.map((p) => [p.id, p]))
);

/** The *place* stage: outlines, backs and hooks; what a drag has to redo. */
export function placeWall(
	project: Project,
	wall: Wall
): { centreLine: CentreLine; pieces: PlannedPiece[] } {
	const { houseRules, kit } = project;
	const { placements } = activeArrangement(wall);
	const centreLine = centreLineOf(wall, placements, houseRules);
	const known = piecesById(project.pieces);
	const standing = currentHangings(project.hangings, wall.id);
	const sets = installedHooks(project.day, wall.id);
	const elsewhere = hangsElsewhere(project, wall.id);
	const pieces = placementsOn(project, wall).flatMap((placement) => {
		const piece = known.get(placement.pieceId);
		if (!piece) return [];
		const { y, floor } = centreLine;
		const planned = planPiece(placement, piece, y, floor, houseRules, kit, wall.rail);
		const hanging = standing.get(piece.id);
		if (hanging) return [asHung(planned, hanging, piece.back.kind)];
		const set = sets.get(piece.id);
		const asSet = set ? withSetHooks(planned, set, houseRules.tolerance) : planned;
		const there = elsewhere.get(piece.id);
		return [
			there === undefined
				? asSet
				: { ...asSet, cautions: [toTakeDown(piece.letter, there), ...asSet.cautions] }
		];
	});
	return { centreLine, pieces };
}

/** Placements of a wall; what hangs on it is on it, also where the arrangement that stands does not hold it. */
export function placementsOn({ hangings }: Pick<Project, 'hangings'>, wall: Wall): Placement[] {
	const { placements } = activeArrangement(wall);
	const standing = currentHangings(hangings, wall.id);
	if (standing.size === 0) return placements;
	const placed = new Set(placements.map(({ pieceId }) => pieceId));
	const unplaced = [...standing.values()].filter(({ pieceId }) => !placed.has(pieceId));
	return [...placements, ...unplaced.map(placeOf)];
}

/** Pieces that no wall has a place for. */
export const onNoWall = memoised((project: Project): Piece[] => {
	const placed = new Set(
		project.walls.flatMap((wall) => placementsOn(project, wall).map(({ pieceId }) => pieceId))
	);
	return project.pieces.filter(({ id }) => !placed.has(id));
});

/** Names of the other walls that pieces hang on, by the ids of the pieces. */
export const hangsElsewhere = (
	{ hangings, walls }: Pick<Project, 'hangings' | 'walls'>,
	wallId: string
): Map<string, string> =>
	new Map(
		hangings
			.filter((each) => each.until === null && each.wallId !== wallId)
			.map((each) => [
				each.pieceId,
				walls.find(({ id }) => id === each.wallId)?.name ?? 'another wall'
			])
	);

const toTakeDown = (letter: string, there: string): Caution =>
	stop('hangs-elsewhere', { letter, there });
