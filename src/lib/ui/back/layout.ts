import type { Dimension } from '../../core/index.ts';

/** A dimension with its place beside the drawing: how many lanes off the piece, and on which side. */
export interface LaidDimension {
	dimension: Dimension;
	side: 'left' | 'right' | 'above' | 'inside';
	/** 1 is nearest to the piece; the outermost lane belongs to the piece's own size. */
	lane: number;
}

export interface Lanes {
	laid: LaidDimension[];
	left: number;
	right: number;
	above: number;
}

const isVertical = ({ from, to }: Dimension): boolean => from.x === to.x;

/**
 * Deals dimensions to lanes so that no two share a place: those read downwards go to the side they are on,
 * the first read across stays inside unless it asks not to, further ones stack above the piece.
 *
 * @param mirrored the piece is seen from behind, so right becomes left.
 */
export function layDimensions(dimensions: readonly Dimension[], mirrored: boolean): Lanes {
	const lanes: Lanes = { laid: [], left: 0, right: 0, above: 0 };
	let insideTaken = false;
	for (const dimension of dimensions) {
		if (isVertical(dimension)) {
			const onRight = dimension.from.x > 0 !== mirrored;
			const side = onRight ? 'right' : 'left';
			lanes[side] += 1;
			lanes.laid.push({ dimension, side, lane: lanes[side] });
		} else if (!insideTaken && !dimension.above) {
			insideTaken = true;
			lanes.laid.push({ dimension, side: 'inside', lane: 0 });
		} else {
			lanes.above += 1;
			lanes.laid.push({ dimension, side: 'above', lane: lanes.above });
		}
	}
	return lanes;
}
