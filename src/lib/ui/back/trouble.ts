import { hangPiece, type Failure, type Piece, type PlannedPiece } from '$lib/core/index.ts';

/** Why a back is impossible, whether or not the piece is on the wall yet. */
export function troubleOf(
	piece: Piece,
	planned: PlannedPiece | undefined,
	hookMargin: number
): Failure | null {
	if (planned) return planned.trouble;
	const hung = hangPiece(piece, hookMargin);
	return hung.ok ? null : hung.error;
}
