import type { Mark } from '../marking/marks/compute-marks.ts';
import type { Project } from '../model/project.ts';
import type { PlannedPiece } from '../model/planned.ts';
import { landings, type Landing } from './landing.ts';
import { piecesById, placementsOn, type WallPlan } from './plan-wall-fast.ts';

/** How far from its plan each piece of a wall may hang, from its marks. */
export const landingsOn = (project: Project, { wallId, pieces, marks }: WallPlan): Landing[] =>
	of(project, wallId, pieces, marks);

/** The same for one piece, for a readout that follows a drag; null where it has no marks. */
export const landingOfPiece = (
	project: Project,
	{ wallId }: Pick<WallPlan, 'wallId'>,
	piece: PlannedPiece,
	marks: readonly Mark[]
): Landing | null => of(project, wallId, [piece], marks)[0] ?? null;

function of(
	project: Project,
	wallId: string,
	pieces: readonly PlannedPiece[],
	marks: readonly Mark[]
): Landing[] {
	const wall = project.walls.find(({ id }) => id === wallId)!;
	return landings(project, wall, {
		...{ pieces, marks, rack: piecesById(project.pieces) },
		placements: placementsOn(project, wall)
	});
}
