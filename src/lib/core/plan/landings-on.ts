import type { Mark } from '../marking/marks/compute-marks.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import type { PlannedPiece } from '../model/planned.ts';
import { landings, type Landing } from './landing.ts';
import { piecesById, placementsOn } from './place-wall.ts';
import { planWallFast, type WallPlan } from './plan-wall-fast.ts';

/** How far from its plan each piece of a wall may hang, from its marks. */
export const landingsOn = (project: Project, { wallId, pieces, marks }: WallPlan): Landing[] =>
	of(project, wallId, pieces, pieces, marks);

/** The same for one piece, for a readout that follows a drag; null where it has no marks. */
export const landingOfPiece = (
	project: Project,
	{ wallId }: Pick<WallPlan, 'wallId'>,
	piece: PlannedPiece,
	marks: readonly Mark[]
): Landing | null => {
	const fromHung = wallOf(project, wallId).tape.hung;
	// One that is measured from what hangs rests on how that landed.
	const all = fromHung && planWallFast(project, wallId);
	return (
		(all && all.ok
			? landingsOn(project, all.value).find(({ pieceId }) => pieceId === piece.pieceId)
			: of(project, wallId, [piece], [piece], marks)[0]) ?? null
	);
};

function of(
	project: Project,
	wallId: string,
	pieces: readonly PlannedPiece[],
	grouped: readonly PlannedPiece[],
	marks: readonly Mark[]
): Landing[] {
	const wall = wallOf(project, wallId);
	return landings(project, wall, {
		...{ pieces, grouped, marks, rack: piecesById(project.pieces) },
		placements: placementsOn(project, wall)
	});
}

const wallOf = ({ walls }: Project, wallId: string): Wall => walls.find(({ id }) => id === wallId)!;
