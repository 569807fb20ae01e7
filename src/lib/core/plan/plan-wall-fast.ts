import { goesBehind } from '../fixing/cautions/goes-behind.ts';
import { fail } from './said.ts';
import { lazy, memoised, memoisedOn } from '../base/memo.ts';
import { computeMarks, type Mark } from '../marking/marks/compute-marks.ts';
import { rulesOn, type Project, type Wall } from '../model/index.ts';
import { ok, type Result } from '../base/result.ts';
import type { Caution } from '../base/caution.ts';
import { surveyFaults, wallCautions as cautionsOf } from '../wall/survey/cautions.ts';
import { surveyParts } from '../wall/survey/parts.ts';
import { likelyRuns, runCautions, type Run } from '../wall/survey/runs.ts';
import { placementConflicts, type PieceCaution } from './placement-conflicts.ts';
import type { PlannedPiece } from '../model/planned.ts';
import type { CentreLine } from '../model/placed.ts';
import { placeWall } from './place-wall.ts';

/** What a page derives for one wall, quick enough to follow a drag. Never stored. */
export interface WallPlan {
	/** Revision of the project it was made from. */
	revision: number;
	wallId: string;
	centreLine: CentreLine;
	pieces: PlannedPiece[];
	marks: Mark[];
	cautions: PieceCaution[];
	/** Those of them that come from where a piece hangs, and not from its back. */
	placementCautions: PieceCaution[];
	/** Where cables and pipes are likely. */
	runs: Run[];
	/** What the wall itself calls for, and what does not agree in its survey. */
	wallCautions: Caution[];
}

/** What follows from the survey alone: a drag leaves it as it is. */
const ofSurvey = memoisedOn(
	(wall: Wall) => [wall.features, ...surveyParts(wall)],
	(wall) => ({
		runs: likelyRuns(wall),
		wallCautions: [...surveyFaults(wall), ...cautionsOf(wall)]
	})
);

/** The plan without the studs, which take longer than a drag may. Marks and cautions wait until they are asked for. */
export function planWallFast(project: Project, wallId: string): Result<WallPlan> {
	const wall = project.walls.find(({ id }) => id === wallId);
	if (!wall) return fail('no-such-wall', {}, 'wallId');
	const { centreLine, pieces } = placeWall(project, wall);
	const { runs, wallCautions } = ofSurvey(wall);
	const houseRules = rulesOn(project.houseRules, wall.units);
	const marks = lazy(() => computeMarks({ wall, pieces, centreLine, houseRules }));
	const placementCautions = lazy(() => [
		...placementConflicts(pieces, wall),
		...pieces.flatMap((piece) => drilling(piece, runs))
	]);
	const cautions = lazy(() => [
		...pieces.flatMap(({ pieceId, cautions }) => cautions.map((caution) => ({ pieceId, caution }))),
		...placementCautions()
	]);
	return ok({
		revision: project.revision,
		wallId,
		centreLine,
		pieces,
		get marks() {
			return marks();
		},
		get cautions() {
			return cautions();
		},
		get placementCautions() {
			return placementCautions();
		},
		runs,
		wallCautions
	});
}

/** The marks of one piece, for a readout that follows a drag. */
export function marksOfPiece(
	{ houseRules, walls }: Project,
	{ wallId, pieces, centreLine }: WallPlan,
	of: PlannedPiece,
	grouped: readonly PlannedPiece[] = pieces
): Mark[] {
	const wall = walls.find(({ id }) => id === wallId)!;
	return computeMarks({
		wall,
		pieces,
		of: [of],
		grouped,
		centreLine,
		houseRules: rulesOn(houseRules, wall.units)
	});
}

/** Holes that may meet a cable or a pipe. */
const drilling = memoised(({ pieceId, letter, hooks }: PlannedPiece, runs: readonly Run[]) => {
	const several = hooks.length > 1;
	return hooks
		.filter(({ kind }) => goesBehind(kind))
		.flatMap(({ hole, name, id }) =>
			runCautions(runs, hole, { letter, point: several ? name : null }).map(
				(caution): PieceCaution => ({ pieceId, caution, hookId: id })
			)
		);
});
