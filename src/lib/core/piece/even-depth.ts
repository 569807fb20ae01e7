import { standOffOf, type MeasuredHooks } from '../catalogue/facts/index.ts';
import { hangerOf } from './hangers/index.ts';
import type { Piece } from './piece.ts';

/**
 * Thickness in mm of pads at the lower corners with which a piece hangs plumb, its bottom as far off the wall as its top:
 * stand-off of the hook + stand-off of the ring. Null for one that its hardware holds flat, or that was not to swing.
 * Source: the link from hook to ring is then plumb, and nothing pulls the top off the wall.
 */
export function padThickness({ back, hook }: Pick<Piece, 'back' | 'hook'>, kit: MeasuredHooks) {
	const { holdsOff } = hangerOf(back);
	return holdsOff === undefined ? null : holdsOff + standOffOf(kit, hook);
}
