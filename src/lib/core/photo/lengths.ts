import type { Point } from '../base/geometry/line.ts';

/** Places in a plane by mark, mm: x right, y down. */
export type Places = ReadonlyMap<string, Point>;

export const length = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

export const mean = (values: readonly number[]): number =>
	values.reduce((sum, each) => sum + each, 0) / values.length;

/** Mean distance between pairs of marks, mm. */
export const meanLength = (places: Places, pairs: readonly (readonly [string, string])[]): number =>
	mean(pairs.map(([a, b]) => length(places.get(a)!, places.get(b)!)));

/** How far a point lies to the right of a line as one walks along it with y down, mm. */
export function beyond(from: Point, to: Point, at: Point): number {
	const across = (to.x - from.x) * (at.y - from.y) - (to.y - from.y) * (at.x - from.x);
	return across / length(from, to);
}
