import { goesBehind } from '../fixing/cautions/goes-behind.ts';
import { fail, stop } from './said.ts';
import { lazy, memoised, memoisedOn } from '../base/memo.ts';
import { computeMarks, type Mark } from '../marking/marks/compute-marks.ts';
import { activeArrangement, rulesOn, type Project, type Wall } from '../model/index.ts';
import type { Piece } from '../piece/piece.ts';
import type { Placement } from '../model/wall.ts';
import { ok, type Result } from '../base/result.ts';
import type { Caution } from '../base/caution.ts';
import { surveyFaults, wallCautions as cautionsOf } from '../wall/survey/cautions.ts';
import { surveyParts } from '../wall/survey/parts.ts';
import { likelyRuns, runCautions, type Run } from '../wall/survey/runs.ts';
import { asHung, placeOf, installedHooks, currentHangings, withSetHooks } from './as-hung.ts';
import { placementConflicts, type PieceCaution } from './placement-conflicts.ts';
import { planPiece } from './hang.ts';
import type { PlannedPiece } from '../model/planned.ts';
import { centreLineOf, type CentreLine } from '../model/placed.ts';

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
