import { boundsOf } from '../base/geometry/rect.ts';
import { roundToTick, type LengthStyle } from '../base/units/index.ts';
import type { Outlined } from './outlined.ts';

/** A piece on the floor: its lower left corner from the lower left corner of the taped area, mm as the tape shows them. */
export interface Laid {
	id: string;
	letter: string;
	across: number;
	up: number;
	width: number;
	height: number;
}

export interface FloorFirst {
	/** The area to tape on the floor, mm as the tape shows them; its near side is the bottom of the group. */
	width: number;
	height: number;
	/** Diagonal to check that it is square, mm: √(width² + height²). */
	diagonal: number;
	pieces: Laid[];
}

/**
 * The arrangement as it is laid out on the floor: the area it takes, and every piece from its corner, nearest row first.
 * Null without pieces.
 */
export function floorFirst(hanging: readonly Outlined[], style: LengthStyle): FloorFirst | null {
	if (hanging.length === 0) return null;
	const box = boundsOf(hanging.map(({ rect }) => rect));
	const tick = (mm: number) => roundToTick(mm, style);
	const [width, height] = [tick(box.width), tick(box.height)];
	const pieces = hanging
		.map(({ id, letter, rect }) => ({
			id,
			letter,
			across: tick(rect.x - box.x),
			up: tick(rect.y - box.y),
			width: tick(rect.width),
			height: tick(rect.height)
		}))
		.sort((a, b) => a.up - b.up || a.across - b.across);
	return { width, height, diagonal: tick(Math.hypot(width, height)), pieces };
}
