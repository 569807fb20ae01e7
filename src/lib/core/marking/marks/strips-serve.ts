import type { PlannedPiece } from '../../model/planned.ts';
import type { MarkStrip } from './mark-strip.ts';

/** Whether strips carry every hole of these pieces that a template would: all of each with several, and one alone is quicker by tape. */
export const stripsServe = (
	pieces: readonly Pick<PlannedPiece, 'pieceId' | 'hooks'>[],
	strips: readonly Pick<MarkStrip, 'pieceId' | 'marks'>[]
): boolean =>
	strips.length > 0 &&
	pieces.every(({ pieceId, hooks }) => {
		const strip = strips.find((each) => each.pieceId === pieceId);
		return hooks.length < 2 || strip?.marks.length === hooks.length;
	});
