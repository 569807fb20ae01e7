import {
	hangPiece,
	type Failure,
	type HangerRules,
	type Piece,
	type PlannedPiece
} from '$lib/core/index.ts';

/** Why a back is impossible, whether or not the piece is on the wall yet. */
export function troubleOf(
	piece: Piece,
	planned: PlannedPiece | undefined,
	rules: HangerRules
): Failure | null {
	if (planned) return planned.trouble;
	const hung = hangPiece(piece, rules);
	return hung.ok ? null : hung.error;
}
