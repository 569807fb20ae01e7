import type { Point } from './line.ts';
import { right, top, type Rect } from './rect.ts';

/** Whether a point lies in a polygon, by the even-odd rule. */
export function contains(polygon: readonly Point[], { x, y }: Point): boolean {
	let inside = false;
	for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
		const a = polygon[i]!;
		const b = polygon[j]!;
		if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
	}
	return inside;
}

/** Whether a stretch from a to b runs through a rectangle: it is clipped to it (Liang and Barsky). */
export function runsThrough(a: Point, b: Point, rect: Rect): boolean {
	let [from, to] = [0, 1];
	for (const [delta, low, high] of [
		[b.x - a.x, rect.x - a.x, right(rect) - a.x],
		[b.y - a.y, rect.y - a.y, top(rect) - a.y]
	] as const) {
		if (delta === 0) {
			if (low > 0 || high < 0) return false;
			continue;
		}
		const [enter, leave] = [low / delta, high / delta].sort((p, q) => p - q) as [number, number];
		from = Math.max(from, enter);
		to = Math.min(to, leave);
	}
	return from < to;
}
