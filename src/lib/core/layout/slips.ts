import { NEIGHBOURS_MM } from '../base/figures/layout.ts';
import type { Rect } from '../base/geometry/rect.ts';
import { NEARLY } from './facing.ts';

/** Neighbours whose tops, bottoms or middles (or sides) are nearly in line. */
export function slipsIn(rects: readonly Rect[]): number {
	let slips = 0;
	for (let index = 0; index < rects.length; index++)
		for (let next = index + 1; next < rects.length; next++) {
			const [a, b] = [rects[index]!, rects[next]!];
			// As `facing` has it, without an object for each of many pairs.
			const across = Math.max(a.x, b.x) - Math.min(a.x + a.width, b.x + b.width);
			const up = Math.max(a.y, b.y) - Math.min(a.y + a.height, b.y + b.height);
			const beside = across >= 0 && up < 0;
			if (!beside && (up < 0 || across >= 0)) continue;
			if ((beside ? across : up) > NEIGHBOURS_MM) continue;
			const low = beside ? a.y - b.y : a.x - b.x;
			const high = low + (beside ? a.height - b.height : a.width - b.width);
			if (isSlip(low, high)) slips++;
		}
	return slips;
}

/** Of the edges and the middles of two neighbours none is in line, and one nearly so. */
function isSlip(low: number, high: number): boolean {
	const middle = Math.abs(low + high) / 2;
	const [one, other] = [Math.abs(low), Math.abs(high)];
	if (one <= NEARLY.from || other <= NEARLY.from || middle <= NEARLY.from) return false;
	return one < NEARLY.to || other < NEARLY.to || middle < NEARLY.to;
}
