import type { PiecePoint } from '../../core/index.ts';
import type { Lanes } from './layout.ts';

/** Where a piece is drawn in a box of pixels, and how to go from mm on the piece to pixels. */
export interface BackGeometry {
	left: number;
	top: number;
	width: number;
	height: number;
	/** Pixels per mm. */
	scale: number;
	at: (point: PiecePoint) => { x: number; y: number };
}

/** Pixels a lane of dimensions takes, beside and above the piece: less in a narrow box. */
export const laneSize = (boxWidth: number): { width: number; height: number } =>
	boxWidth < 420 ? { width: 56, height: 30 } : { width: 74, height: 34 };
const EDGE = 8;

/** Fits a piece and its dimension lanes into a box of pixels. */
export function fitBack({
	box,
	piece,
	lanes,
	mirrored,
	below
}: {
	box: { width: number; height: number };
	piece: { width: number; height: number };
	lanes: Lanes;
	mirrored: boolean;
	/** Pixels to leave free under the piece. */
	below: number;
}): BackGeometry {
	const lane = laneSize(box.width);
	const left = (lanes.left + 1) * lane.width + EDGE;
	const right = lanes.right * lane.width + EDGE;
	const above = (lanes.above + 1) * lane.height + EDGE;
	const scale = Math.max(
		Math.min(
			(box.width - left - right) / piece.width,
			(box.height - above - below - EDGE) / piece.height
		),
		0.01
	);
	const width = piece.width * scale;
	const x = left + Math.max(0, (box.width - left - right - width) / 2);
	const side = mirrored ? -1 : 1;
	return {
		left: x,
		top: above,
		width,
		height: piece.height * scale,
		scale,
		at: (point) => ({ x: x + width / 2 + side * point.x * scale, y: above + point.drop * scale })
	};
}
