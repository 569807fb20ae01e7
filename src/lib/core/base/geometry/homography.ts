import { fail } from '../said.ts';
import { ok, type Result } from '../result.ts';
import type { Point } from './line.ts';

/** Corners of a four-sided figure in order round it. */
export type Quad = readonly [Point, Point, Point, Point];

/** A projective map of the plane: x' = (ax + by + c)/(gx + hy + 1), y' = (dx + ey + f)/(gx + hy + 1). */
export interface Homography {
	a: number;
	b: number;
	c: number;
	d: number;
	e: number;
	f: number;
	g: number;
	h: number;
}

/**
 * The projective map that takes an upright rectangle, from its upper left corner and on round it with y downward, onto
 * the corners of a quadrilateral. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), 2.2.3.
 *
 * Errors: `not-convex`, where the corners cross, turn back or lie in one line.
 */
export function rectToQuad(
	size: { width: number; height: number },
	quad: Quad
): Result<Homography> {
	if (!isConvex(quad)) return fail('not-convex', {}, 'corners');
	const [p0, p1, p2, p3] = quad;
	const [dx1, dx2, dx3] = [p1.x - p2.x, p3.x - p2.x, p0.x - p1.x + p2.x - p3.x];
	const [dy1, dy2, dy3] = [p1.y - p2.y, p3.y - p2.y, p0.y - p1.y + p2.y - p3.y];
	const det = dx1 * dy2 - dx2 * dy1;
	const g = (dx3 * dy2 - dx2 * dy3) / det;
	const h = (dx1 * dy3 - dx3 * dy1) / det;
	const { width, height } = size;
	return ok({
		a: (p1.x - p0.x + g * p1.x) / width,
		b: (p3.x - p0.x + h * p3.x) / height,
		c: p0.x,
		d: (p1.y - p0.y + g * p1.y) / width,
		e: (p3.y - p0.y + h * p3.y) / height,
		f: p0.y,
		g: g / width,
		h: h / height
	});
}

/** The map back; null where it squeezes the plane into a line. By the adjugate of its matrix. */
export function inverseMap({ a, b, c, d, e, f, g, h }: Homography): Homography | null {
	const whole = a * e - b * d;
	if (Math.abs(whole) < 1e-12) return null;
	return {
		...{ a: (e - f * h) / whole, b: (c * h - b) / whole, c: (b * f - c * e) / whole },
		...{ d: (f * g - d) / whole, e: (a - c * g) / whole, f: (c * d - a * f) / whole },
		...{ g: (d * h - e * g) / whole, h: (b * g - a * h) / whole }
	};
}

/** Where a map takes a point; null where it lies on or behind the horizon. */
export function mapPoint(map: Homography, { x, y }: Point): Point | null {
	const scale = map.g * x + map.h * y + 1;
	if (scale <= 1e-9) return null;
	return {
		x: (map.a * x + map.b * y + map.c) / scale,
		y: (map.d * x + map.e * y + map.f) / scale
	};
}

/** Whether the corners turn one way all round, none of them straight on. */
function isConvex(quad: Quad): boolean {
	const turns = quad.map((a, index) => {
		const b = quad[(index + 1) % 4]!;
		const c = quad[(index + 2) % 4]!;
		return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
	});
	const least = 1e-9 * Math.max(...turns.map(Math.abs));
	return turns.every((turn) => turn > least) || turns.every((turn) => turn < -least);
}
