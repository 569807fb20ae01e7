import { fail, type Failure } from '../../base/result.ts';
import type { HungPiece } from './types.ts';

type Refusal = { ok: false; error: Failure } | null;

/** Rings or hooks on one spot, or further apart than the piece is wide. */
export function widerThanPiece(span: number, { width }: HungPiece, path: string): Refusal {
	if (span <= 0)
		return fail(
			'points-together',
			'The two points would lie on one spot. Measure the distance between them.',
			path
		);
	if (span < width) return null;
	return fail(
		'rings-wider-than-frame',
		'The rings are as far apart as the piece is wide, or further. Measure between the rings, not the edges.',
		path
	);
}

/** Hardware lower than the piece is high. */
export function belowPiece(drop: number, { height }: HungPiece, path: string): Refusal {
	if (drop < height) return null;
	return fail(
		'rings-below-frame',
		'This lies below the bottom of the piece. Measure down from the top edge.',
		path
	);
}

/** A hook that would show above the top edge. */
export function aboveTop(drop: number, path: string): Refusal {
	if (drop >= 0) return null;
	return fail(
		'hook-above-top',
		'The hook would stand above the top edge and show. Shorten the wire, lower the rings, or set two hooks further apart.',
		path
	);
}
