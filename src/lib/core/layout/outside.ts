import { right, top, type Rect } from '../base/geometry/rect.ts';
import type { Point } from '../base/geometry/line.ts';
import { boxOf, within } from './room.ts';

/** An outline with slopes is looked through in so many parts each way. */
const PARTS = 12;
/** More lines than this each way are not laid through an outline: the edges of what is kept clear come last. */
const MOST_LINES = 120;

/**
 * What lies outside an outline, as upright rectangles in the box round it. Cells of a grid count whole: its lines run
 * through the corners, at even parts, and along the edges of what is kept clear.
 */
export function outsideOf(outline: readonly Point[], stops: readonly Rect[]): Rect[] {
	const box = boxOf(outline);
	const xs = lines(box.x, box.width, [
		...outline.map(({ x }) => x),
		...stops.flatMap((stop) => [stop.x, right(stop)])
	]);
	const ys = lines(box.y, box.height, [
		...outline.map(({ y }) => y),
		...stops.flatMap((stop) => [stop.y, top(stop)])
	]);
	return ys.slice(0, -1).flatMap((y, row) => {
		const height = ys[row + 1]! - y;
		const runs: Rect[] = [];
		for (const [column, x] of xs.slice(0, -1).entries()) {
			const cell = { x, y, width: xs[column + 1]! - x, height };
			if (within(cell, outline)) continue;
			const last = runs.at(-1);
			if (last && right(last) === x) last.width = right(cell) - last.x;
			else runs.push(cell);
		}
		return runs;
	});
}

function lines(from: number, size: number, at: readonly number[]): number[] {
	const parts = Array.from({ length: PARTS + 1 }, (_, part) => from + (part * size) / PARTS);
	const inside = at.filter((place) => place > from && place < from + size);
	return [...new Set([...parts, ...inside])].slice(0, MOST_LINES).sort((a, b) => a - b);
}
