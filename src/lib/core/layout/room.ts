import { boundsOf, grown, overlap, right, top, type Rect } from '../base/geometry/rect.ts';
import type { Point } from '../base/geometry/line.ts';
import { contains, runsThrough } from '../base/geometry/polygon.ts';
import type { Item, Place, Region, Task } from './types.ts';

export const isPolygon = (region: Region): region is readonly Point[] => Array.isArray(region);

/** The upright box round a region. */
export function boxOf(region: Region): Rect {
	if (!isPolygon(region)) return region;
	const xs = region.map(({ x }) => x);
	const ys = region.map(({ y }) => y);
	const [x, y] = [Math.min(...xs), Math.min(...ys)];
	return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** mm by which what touches may seem to overlap. */
export const SLACK = 1e-6;

/** Whether a rectangle lies wholly in a region. */
export function within(rect: Rect, region: Region): boolean {
	const box = boxOf(region);
	const inBox =
		rect.x >= box.x - SLACK &&
		right(rect) <= right(box) + SLACK &&
		rect.y >= box.y - SLACK &&
		top(rect) <= top(box) + SLACK;
	if (!inBox || !isPolygon(region)) return inBox;
	const inner = shrunk(rect);
	const corners = cornersOf(inner);
	return (
		corners.every((corner) => contains(region, corner)) &&
		!region.some((a, index) => runsThrough(a, region[(index + 1) % region.length]!, inner))
	);
}

const shrunk = ({ x, y, width, height }: Rect): Rect => ({
	x: x + SLACK,
	y: y + SLACK,
	width: width - 2 * SLACK,
	height: height - 2 * SLACK
});

const cornersOf = (rect: Rect): Point[] => [
	{ x: rect.x, y: rect.y },
	{ x: right(rect), y: rect.y },
	{ x: right(rect), y: top(rect) },
	{ x: rect.x, y: top(rect) }
];

export const rectOf = ({ width, height }: Item, { x, y }: Place | Point): Rect => ({
	x,
	y,
	width,
	height
});

/** Whether a rectangle may be hung: in the region, out of what is to be kept clear, a gap from locked pieces. */
export const isFree = (rect: Rect, { region, keepOuts, locked, gap }: Task): boolean =>
	within(rect, region) &&
	!keepOuts.some((keepOut) => overlap(rect, keepOut)) &&
	!locked.some((piece) => overlap(grown(rect, gap - SLACK), rectOf(piece, piece), 0));

/** Places moved up or down so that the lowest edge lies on a line, mm. */
export function stoodOn(places: readonly Place[], line: number): Place[] {
	const up = line - Math.min(...places.map(({ y }) => y));
	return places.map((place) => ({ ...place, y: place.y + up }));
}

/** Whether every piece of a layout may hang where it is. */
export function allFree(places: readonly Place[], task: Task): boolean {
	const items = new Map(task.items.map((item) => [item.id, item]));
	return places.every((place) => isFree(rectOf(items.get(place.id)!, place), task));
}

/**
 * A layout moved as a whole to the nearest place where every piece may hang; null where there is none.
 * The shifts tried are those that bring an edge of a piece onto the edge of something in its way.
 */
export function settled(places: readonly Place[], task: Task): Place[] | null {
	const items = new Map(task.items.map((item) => [item.id, item]));
	const rects = places.map((place) => rectOf(items.get(place.id)!, place));
	if (rects.length === 0) return [];
	const box = boxOf(task.region);
	const group = boundsOf(rects);
	const stops = [
		...task.keepOuts,
		...task.locked.map((piece) => grown(rectOf(piece, piece), task.gap))
	];
	const along = (axis: 'x' | 'y', near: (rect: Rect) => number, far: (rect: Rect) => number) => [
		0,
		...stops.flatMap((stop) =>
			rects.flatMap((rect) => [far(stop) - near(rect), near(stop) - far(rect)])
		),
		axis === 'x' ? box.x - group.x : box.y - group.y,
		axis === 'x' ? right(box) - right(group) : top(box) - top(group)
	];
	const near = (shifts: number[]) =>
		[...new Set(shifts)].sort((a, b) => Math.abs(a) - Math.abs(b)).slice(0, MOST_SHIFTS);
	const dxs = near(along('x', ({ x }) => x, right));
	const dys = near(along('y', ({ y }) => y, top));
	const shifts = dxs
		.flatMap((dx) => dys.map((dy) => ({ dx, dy })))
		.sort((a, b) => Math.hypot(a.dx, 3 * a.dy) - Math.hypot(b.dx, 3 * b.dy));
	for (const { dx, dy } of shifts) {
		const moved = rects.map((rect) => ({ ...rect, x: rect.x + dx, y: rect.y + dy }));
		if (moved.every((rect) => isFree(rect, task)))
			return places.map((place, index) => ({ ...place, x: moved[index]!.x, y: moved[index]!.y }));
	}
	return null;
}

/** More shifts than this along one axis are not tried. */
const MOST_SHIFTS = 60;
