import { grown, overlap, type Rect } from '../base/geometry/rect.ts';
import { eachEmptyRect } from './empty-rects.ts';
import type { Task } from './types.ts';
import { outsideOf } from './outside.ts';
import { boxOf, isPolygon, rectOf } from './room.ts';

/** A room that leaves out the axis must be this much larger to be taken. From memory: groups want their axis. */
const OFF_AXIS = 1.4;

/** The largest upright rectangle of a task’s region that nothing is to be kept clear in; the axis runs through it if it can. */
export function roomiest({ region, keepOuts, locked, gap, axis }: Task): Rect {
	const box = boxOf(region);
	const stops = [...keepOuts, ...locked.map((piece) => grown(rectOf(piece, piece), gap))].filter(
		(stop) => overlap(stop, box)
	);
	const outside = isPolygon(region) ? outsideOf(region, stops) : [];
	let best: { rect: Rect; worth: number } = { rect: box, worth: -1 };
	eachEmptyRect(box, [...stops, ...outside], (left, foot, end, roof) => {
		const onAxis = left < axis.x && end > axis.x && foot < axis.y && roof > axis.y;
		const worth = (end - left) * (roof - foot) * (onAxis ? OFF_AXIS : 1);
		if (worth <= best.worth) return;
		best = { rect: { x: left, y: foot, width: end - left, height: roof - foot }, worth };
	});
	return best.rect;
}
