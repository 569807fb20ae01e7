import { fail } from './said.ts';
import type { Failure } from '../../base/result.ts';
import type { HungPiece } from './types.ts';

type Refusal = { ok: false; error: Failure } | null;

/** Rings or hooks on one spot, or further apart than the piece is wide. */
export function widerThanPiece(span: number, { width }: HungPiece, path: string): Refusal {
	if (span <= 0) return fail('points-together', {}, path);
	if (span < width) return null;
	return fail('rings-wider-than-frame', { of: 'rings' }, path);
}

/** Hardware lower than the piece is high. */
export function belowPiece(drop: number, { height }: HungPiece, path: string): Refusal {
	if (drop < height) return null;
	return fail('rings-below-frame', {}, path);
}

/** A hook that would show above the top edge. */
export function aboveTop(drop: number, path: string): Refusal {
	if (drop >= 0) return null;
	return fail('hook-above-top', {}, path);
}
