import type { HungPiece } from './types.ts';

/** A framed piece without glass that weighs 60 N, its mass in the middle. */
export const framedPiece = (
	width: number,
	height: number,
	more: Partial<HungPiece> = {}
): HungPiece => ({
	...{ width, height, depth: 20, weight: 60, massOffset: 0, massUp: height / 2 },
	...{ kind: 'framed', glazed: false, frame: null },
	...more
});
