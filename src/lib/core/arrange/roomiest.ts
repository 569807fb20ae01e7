import { grown, overlap, right, top, type Rect } from '../geometry/rect.ts';
import type { Task } from './face.ts';
import { boxOf, isPolygon, rectOf, within } from './room.ts';

/** A room that leaves out the axis must be this much larger to be taken. From memory: groups want their axis. */
const OFF_AXIS = 1.4;

/** An outline with slopes is looked through in so many parts each way. */
const PARTS = 12;

/** The largest upright rectangle of a task’s region that nothing is to be kept clear in; the axis runs through it if it can. */
export function roomiest({ region, keepOuts, locked, gap, axis }: Task): Rect {
	const box = boxOf(region);
	const stops = [...keepOuts, ...locked.map((piece) => grown(rectOf(piece, piece), gap))].filter(
		(stop) => overlap(stop, box)
	);
	const outline = isPolygon(region) ? region : [];
	const between = (from: number, size: number) =>
		outline.length > 0
			? Array.from({ length: PARTS }, (_, part) => from + (part * size) / PARTS)
			: [];
	const xs = edges(box.x, right(box), [
		...stops.flatMap((stop) => [stop.x, right(stop)]),
		...outline.map(({ x }) => x),
		...between(box.x, box.width)
	]);
	const ys = edges(box.y, top(box), [
		...stops.flatMap((stop) => [stop.y, top(stop)]),
		...outline.map(({ y }) => y),
		...between(box.y, box.height)
	]);
	let best: { rect: Rect; worth: number } = { rect: box, worth: -1 };
	for (const [i, left] of xs.entries())
		for (const end of xs.slice(i + 1)) {
			const beside = stops.filter((stop) => stop.x < end && right(stop) > left);
			for (const [j, bottom] of ys.entries())
				for (const up of ys.slice(j + 1)) {
					if (beside.some((stop) => stop.y < up && top(stop) > bottom)) continue;
					const rect = { x: left, y: bottom, width: end - left, height: up - bottom };
					const onAxis = left < axis.x && end > axis.x && bottom < axis.y && up > axis.y;
					const worth = rect.width * rect.height * (onAxis ? OFF_AXIS : 1);
					if (worth > best.worth && within(rect, region)) best = { rect, worth };
				}
		}
	return best.rect;
}

const edges = (from: number, to: number, between: readonly number[]): number[] =>
	[...new Set([from, ...between.filter((at) => at > from && at < to), to])].sort((a, b) => a - b);
