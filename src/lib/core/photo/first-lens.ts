import type { Point } from '../base/geometry/line.ts';
import { rectToQuad, type Quad } from '../base/geometry/homography.ts';
import { ok, type Result } from '../base/result.ts';
import { halfDiagonal, type Lens, type PhotoSize } from './lens.ts';

/**
 * The lens that sees a rectangle of the plane with its corners about where they are: from the homography, with a known
 * length and no bend. Zhang, IEEE PAMI 22 (2000) 1330, 3.1.
 *
 * Errors: `not-convex`.
 *
 * @param corners px, from the upper left on round it.
 */
export function firstLens(
	rectangle: { width: number; height: number },
	corners: Quad,
	size: PhotoSize,
	length: number
): Result<Lens> {
	const half = halfDiagonal(size);
	const centred = corners.map(({ x, y }): Point => ({
		x: (x - size.width / 2) / half,
		y: (y - size.height / 2) / half
	})) as unknown as Quad;
	const map = rectToQuad(rectangle, centred);
	if (!map.ok) return map;
	const { a, b, c, d, e, f, g, h } = map.value;
	const right = [a / length, d / length, g];
	const down = [b / length, e / length, h];
	const scale = 2 / (Math.hypot(...right) + Math.hypot(...down));
	const x = unit(right);
	const across = down.reduce((sum, each, index) => sum + each * x[index]!, 0);
	const y = unit(down.map((each, index) => each - across * x[index]!));
	return ok({
		turn: axisOf(x, y, cross(x, y)),
		away: [(scale * c) / length, (scale * f) / length, scale],
		...{ length, off: { x: 0, y: 0 }, bend: 0 }
	});
}

const unit = (vector: number[]): number[] => vector.map((each) => each / Math.hypot(...vector));

const cross = ([a, b, c]: number[], [x, y, z]: number[]): number[] => [
	b! * z! - c! * y!,
	c! * x! - a! * z!,
	a! * y! - b! * x!
];

/** Axis times angle of the turn whose columns these are. */
function axisOf(x: number[], y: number[], z: number[]): [number, number, number] {
	const axis = [y[2]! - z[1]!, z[0]! - x[2]!, x[1]! - y[0]!];
	const sin = Math.hypot(...axis) / 2;
	const cos = (x[0]! + y[1]! + z[2]! - 1) / 2;
	const share = sin < 1e-12 ? 0.5 : Math.atan2(sin, cos) / (2 * sin);
	return [axis[0]! * share, axis[1]! * share, axis[2]! * share];
}
