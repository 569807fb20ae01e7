import { plus, type Term } from '../base/derived.ts';
import { centreY, type Rect } from '../base/geometry/rect.ts';
import type { HouseRules } from './house-rules.ts';
import type { Piece } from '../piece/piece.ts';
import type { Placement, Wall } from './wall.ts';
import type { HeightFrom } from '../piece/statics/hook-height.ts';
import { floorAt } from '../wall/survey/outline.ts';

/** The level line that pieces at the house height are centred on. */
export interface CentreLine {
	/** mm above the level datum. */
	y: number;
	/** Rise of the floor under the middle of the group, mm; part of y. */
	floor: number;
}

/** Outline of a placed piece, and what its height was given by. */
export interface Placed {
	rect: Rect;
	from: HeightFrom;
	/** Height above the level datum of the centre, top or bottom. */
	at: number;
}

/** House centre height above the floor under the middle of the group that hangs by it, carried level. */
export function centreLineOf(
	wall: Wall,
	placements: readonly Placement[],
	{ centreHeight }: HouseRules
): CentreLine {
	const floor = floorAt(wall, groupMiddle(placements, wall));
	return { y: centreHeight + floor, floor };
}

/** Middle of the group that hangs by the house height, mm from the left end; of the wall where none does. */
export function groupMiddle(placements: readonly Placement[], { width }: Wall): number {
	const xs = placements.filter(({ height }) => height.from === 'house').map(({ x }) => x);
	if (xs.length === 0) return width / 2;
	return (xs.reduce((a, b) => Math.min(a, b)) + xs.reduce((a, b) => Math.max(a, b))) / 2;
}

/** Where a piece stands on the wall. */
export function placePiece(piece: Piece, { x, height }: Placement, centreLine: number): Placed {
	const from = height.from === 'house' ? 'centre' : height.from;
	const at = height.from === 'house' ? centreLine : height.at;
	const bottom = { centre: at - piece.height / 2, top: at - piece.height, bottom: at }[from];
	return {
		rect: { x: x - piece.width / 2, y: bottom, width: piece.width, height: piece.height },
		from,
		at
	};
}

/** A placement moved from where its piece is planned; one that goes up or down is told by its middle from then on. */
export const movedBy = (
	{ x, height }: Placement,
	{ dx, dy }: { dx: number; dy: number },
	rect: Rect
): Pick<Placement, 'x' | 'height'> => ({
	x: x + dx,
	height: dy === 0 ? height : { from: 'centre', at: centreY(rect) + dy }
});

/** The start of a height's sum, with a crooked floor as a term of its own. */
export function splitFloor(terms: Term[], floor: number): Term[] {
	const [first, ...rest] = terms;
	if (floor === 0 || !first) return terms;
	return [{ ...first, value: first.value - floor }, plus('floor under the group', floor), ...rest];
}
