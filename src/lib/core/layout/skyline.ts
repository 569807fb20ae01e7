import { fill, lowest, raise, type Step } from '../base/geometry/skyline.ts';

export interface Strip {
	x: Float64Array;
	y: Float64Array;
	height: number;
}

/**
 * Packs rectangles into a strip from the bottom: always into the lowest stretch of the skyline, the piece that fills
 * its width best; a stretch that none fits is raised to its lower neighbour.
 * Source: Burke, Kendall and Whitwell’s best fit, 2004 (from memory).
 *
 * @param keen how much more than its width a piece is worth; 1 for all where left out.
 */
export function packStrip(
	width: number,
	widths: readonly number[],
	heights: readonly number[],
	keen?: Float64Array
): Strip | null {
	if (widths.some((each) => each > width + 1e-9)) return null;
	const x = new Float64Array(widths.length);
	const y = new Float64Array(widths.length);
	const worth = widths.map((each, item) => each * (keen?.[item] ?? 1));
	const left = [...widths.keys()].sort(
		(a, b) => worth[b]! - worth[a]! || heights[b]! - heights[a]!
	);
	const skyline: Step[] = [{ x: 0, y: 0, width }];
	let height = 0;
	while (left.length > 0) {
		const at = lowest(skyline);
		const step = skyline[at]!;
		const chosen = left.findIndex((item) => widths[item]! <= step.width + 1e-9);
		if (chosen < 0) {
			raise(skyline, at);
			continue;
		}
		const [best] = left.splice(chosen, 1) as [number];
		x[best] = step.x;
		y[best] = step.y;
		height = Math.max(height, step.y + heights[best]!);
		fill(skyline, at, widths[best]!, heights[best]!);
	}
	return { x, y, height };
}

/**
 * The lowest strip found in a number of tries: from the best so far the keenness of a few pieces is changed, and kept
 * when the strip is no higher.
 */
export function lowestStrip(
	width: number,
	widths: readonly number[],
	heights: readonly number[],
	tries: number,
	draw: () => number
): Strip | null {
	let keen = new Float64Array(widths.length).fill(1);
	let best = packStrip(width, widths, heights, keen);
	if (!best) return null;
	let roughness = ragged(best, heights);
	for (let attempt = 0; attempt < tries; attempt++) {
		const next = Float64Array.from(keen);
		for (let changed = 0; changed < CHANGED; changed++)
			next[Math.floor(draw() * next.length)] = 0.4 + 1.2 * draw();
		const strip = packStrip(width, widths, heights, next)!;
		const rough = ragged(strip, heights);
		if (rough > roughness) continue;
		[keen, best, roughness] = [next, strip, rough];
	}
	return best;
}

/** Pieces whose keenness changes at a try. */
const CHANGED = 3;

/** Height of a strip, and a little of how high its pieces reach on the whole, so that a step towards a lower one is told. */
function ragged({ y, height }: Strip, heights: readonly number[]): number {
	let sum = 0;
	for (const [item, tall] of heights.entries()) sum += (y[item]! + tall) ** 2;
	return height + 0.2 * Math.sqrt(sum / heights.length);
}
