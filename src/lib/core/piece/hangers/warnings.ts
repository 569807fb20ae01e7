import { care, stop } from './said.ts';
import { SEEN_PAST_EDGE_MM } from '../../base/figures/hardware.ts';
import type { Caution } from '../../base/caution.ts';
import type { WallPoint } from './types.ts';
import type { HungPiece } from './types.ts';

/** A hook close under the top edge. */
export function nearTop(
	points: readonly WallPoint[],
	margin: number,
	path: string,
	remedy = 'Lower the hardware, or check the margin in the house rules.'
): Caution[] {
	if (points.every(({ drop }) => drop.value >= margin)) return [];
	return [care('hook-near-top', { remedy, of: 'hook' }, path)];
}

/** Hardware close to the side edges. */
export function nearEdge(span: number, { width }: HungPiece, path: string): Caution[] {
	if ((width - span) / 2 >= SEEN_PAST_EDGE_MM) return [];
	return [care('rings-near-edge', {}, path)];
}

/** A centre of mass beyond the outer point: the far one would have to hold the piece down. */
export function lifting(points: readonly WallPoint[], path: string): Caution[] {
	if (points.every(({ load }) => !load || load.down.value >= 0)) return [];
	return [stop('point-lifts', { of: 'point' }, path)];
}
