import { overlap, right, top, type Point, type Rect } from '../../core/index.ts';

/** How far a label is looked for at each step, and from it to what is beside it, px. */
const STEP = 6;
const CLEAR = 4;

/**
 * Middle of a label that has no room where it belongs: the nearest place straight up or down from there (beside it, for an
 * upright distance) where it covers nothing that is taken and stays in the room. Null where all is taken. Pixels.
 */
export function asideOf(
	{ x, y }: Point,
	{ width, height }: { width: number; height: number },
	upright: boolean,
	taken: readonly Rect[],
	room: Rect
): Point | null {
	const reach = upright ? room.height : room.width;
	const first = (upright ? height : width) / 2 + CLEAR;
	for (let off = first; off < reach; off += STEP)
		for (const sign of [-1, 1]) {
			const place = upright ? { x, y: y + sign * off } : { x: x + sign * off, y };
			const box = {
				x: place.x - width / 2 - CLEAR,
				y: place.y - height / 2 - CLEAR,
				width: width + 2 * CLEAR,
				height: height + 2 * CLEAR
			};
			if (within(box, room) && !taken.some((rect) => overlap(box, rect))) return place;
		}
	return null;
}

const within = (box: Rect, room: Rect): boolean =>
	box.x >= room.x && box.y >= room.y && right(box) <= right(room) && top(box) <= top(room);
