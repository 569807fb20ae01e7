import { memoised } from '../memo.ts';
import { schedule, type Mark } from '../marks/schedule.ts';
import { activeArrangement, rulesOn, type Project, type Wall } from '../model/index.ts';
import type { Piece } from '../model/piece.ts';
import { fail, ok, type Result } from '../result.ts';
import { crowding, type PieceCaution } from './clear.ts';
import { planPiece, type PlannedPiece } from './hang.ts';
import { centreLineOf, type CentreLine } from './place.ts';

/** Everything derived for one wall. Never stored. */
export interface WallPlan {
	/** Revision of the project it was made from. */
	revision: number;
	wallId: string;
	centreLine: CentreLine;
	pieces: PlannedPiece[];
	marks: Mark[];
	cautions: PieceCaution[];
}

const piecesById = memoised((pieces: readonly Piece[]) => new Map(pieces.map((p) => [p.id, p])));

/** The *place* stage: outlines, backs and hooks; what a drag has to redo. */
export function placeWall(
	project: Project,
	wall: Wall
): { centreLine: CentreLine; pieces: PlannedPiece[] } {
	const { houseRules, kit } = project;
	const { placements } = activeArrangement(wall);
	const centreLine = centreLineOf(wall, placements, houseRules);
	const known = piecesById(project.pieces);
	const pieces = placements.flatMap((placement) => {
		const piece = known.get(placement.pieceId);
		if (!piece) return [];
		const { y, floor } = centreLine;
		return [planPiece(placement, piece, y, floor, houseRules.hookMargin, kit, wall.rail)];
	});
	return { centreLine, pieces };
}

/**
 * The whole plan of a wall: hooks, loads, cautions and marks, from stored facts alone.
 * Error: `no-such-wall`. An impossible back is no error of the plan: its piece carries the trouble and has no hooks.
 */
export function planWall(project: Project, wallId: string): Result<WallPlan> {
	const wall = project.walls.find(({ id }) => id === wallId);
	if (!wall) return fail('no-such-wall', 'This project has no such wall.', 'wallId');
	const { centreLine, pieces } = placeWall(project, wall);
	return ok({
		revision: project.revision,
		wallId,
		centreLine,
		pieces,
		marks: schedule({
			wall,
			pieces,
			centreLine,
			houseRules: rulesOn(project.houseRules, wall.units)
		}),
		cautions: [
			...pieces.flatMap(({ pieceId, cautions }) =>
				cautions.map((caution) => ({ pieceId, caution }))
			),
			...crowding(pieces, wall)
		]
	});
}
