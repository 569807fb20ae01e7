import { contours } from 'd3-contour';
import simplify from 'simplify-js';
import type { Corner } from './photo.ts';

/** Most corners an outline may have. */
const MOST_CORNERS = 120;

/**
 * Outline of what is not transparent in a picture: its largest part, as shares of width and height.
 * Null when nothing, or everything, is transparent.
 *
 * @param alpha one number from 0 to 255 a pixel, row by row from the upper left.
 */
export function traceOutline(
	alpha: ArrayLike<number>,
	width: number,
	height: number
): Corner[] | null {
	// A clear margin all round closes outlines that touch the edge of the picture.
	const wide = width + 2;
	const values = new Array<number>(wide * (height + 2)).fill(0);
	let solid = 0;
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const value = alpha[y * width + x]! >= 128 ? 1 : 0;
			solid += value;
			values[(y + 1) * wide + x + 1] = value;
		}
	if (solid === 0 || solid === width * height) return null;
	const [shape] = contours()
		.size([wide, height + 2])
		.smooth(false)
		.thresholds([0.5])(values);
	const rings = (shape?.coordinates ?? []).map(([outer]) => outer ?? []);
	const largest = rings.reduce<number[][]>(
		(best, ring) => (area(ring) > area(best) ? ring : best),
		[]
	);
	if (largest.length < 4) return null;
	const points = largest.slice(0, -1).map(([x, y]) => ({ x: x! - 1, y: y! - 1 }));
	const corners = thin(points);
	return corners.map(({ x, y }) => ({ x: share(x / width), y: share(y / height) }));
}

/** As few corners as show the shape, and no more than a file may hold. */
function thin(points: Corner[]): Corner[] {
	for (let tolerance = 0.6; ; tolerance *= 1.5) {
		const kept = simplify(points, tolerance, true);
		if (kept.length <= MOST_CORNERS) return kept.length >= 3 ? kept : points.slice(0, MOST_CORNERS);
	}
}

const share = (value: number): number => Math.min(Math.max(value, 0), 1);

function area(ring: number[][]): number {
	let twice = 0;
	for (const [index, [x, y]] of ring.entries()) {
		const [nextX, nextY] = ring[(index + 1) % ring.length]!;
		twice += x! * nextY! - nextX! * y!;
	}
	return Math.abs(twice) / 2;
}
