import type { Point, Quad } from '../core/index.ts';
import type { Pixels } from './warp.ts';

/** Places along a side at which its edge is looked for. */
const PLACES = 60;
/** Share of a side near its corners that is left out: corners may be round or bent. */
const ENDS = 0.08;
/** A place counts where its edge lies this near the line of the others, px. */
const NEAR = 2.5;

/**
 * Corners of a bright four-sided thing to a fraction of a pixel: at many places along each side the steepest fall of
 * brightness across it is found; a slightly bent line is laid through them, and neighbours meet. Null where an edge is not
 * to be seen.
 *
 * @param rough corners, px, clockwise as the photo shows them.
 */
export function refineCorners(photo: Pixels, rough: Quad): { corners: Quad; soft: number } | null {
	let corners = rough;
	let soft = 0;
	const longest = Math.max(photo.width, photo.height);
	for (const reach of [Math.max(longest / 150, 10), Math.max(longest / 400, 8)]) {
		const sides = corners.map((from, index) =>
			edgeAlong(photo, from, corners[(index + 1) % 4]!, reach)
		);
		if (sides.includes(null)) return null;
		soft = Math.max(...sides.map((each) => each!.soft));
		const met = sides.map((each, index) => meeting(sides.at(index - 1)!, each!));
		if (met.includes(null)) return null;
		corners = met as unknown as Quad;
	}
	return { corners, soft };
}

/** A side as a parabola over the line between its rough ends. */
interface Edge {
	from: Point;
	along: Point;
	length: number;
	/** Offset to the right of the line, px, at a share t of its length: c0 + c1·t + c2·t². */
	offset: readonly [number, number, number];
	/** Mean step of brightness over two pixels. */
	step: number;
	/** How many pixels the edge takes from bright to dark. */
	soft: number;
}

/**
 * Where a straight edge runs along a side, either way lighter, as places at even shares of it; none where it is not seen.
 *
 * @param reach how far beside the side it may lie, px.
 */
export function edgePlaces(
	photo: Pixels,
	from: Point,
	to: Point,
	reach: number
): { share: number; at: Point }[] {
	const found = [edgeAlong(photo, from, to, reach, 1), edgeAlong(photo, from, to, reach, -1)].sort(
		(a, b) => (b?.step ?? 0) - (a?.step ?? 0)
	)[0];
	return found ? SHARES.map((share) => ({ share, at: pointOn(found, share) })) : [];
}

/** Shares of a side at which its edge is told. */
const SHARES = [0.15, 0.325, 0.5, 0.675, 0.85];

/** @param way 1 where it is darker beyond the side, -1 where it is lighter. */
function edgeAlong(
	photo: Pixels,
	from: Point,
	to: Point,
	reach: number,
	way: 1 | -1 = 1
): Edge | null {
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	if (length < 12) return null;
	const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
	const found: { t: number; offset: number; step: number; whole: number }[] = [];
	for (let place = 0; place < PLACES; place++) {
		const t = ENDS + ((1 - 2 * ENDS) * (place + 0.5)) / PLACES;
		const at = { x: from.x + along.x * length * t, y: from.y + along.y * length * t };
		const fall = steepestFall(photo, at, { x: along.y, y: -along.x }, reach, way);
		if (fall) found.push({ t, ...fall });
	}
	let kept = found;
	for (const limit of [4 * NEAR, NEAR, NEAR / 2]) {
		const curve = parabola(kept);
		if (!curve) return null;
		kept = found.filter(({ t, offset }) => Math.abs(offset - valueAt(curve, t)) < limit);
	}
	const offset = parabola(kept);
	if (!offset || kept.length < PLACES * 0.5) return null;
	const step = kept.reduce((sum, each) => sum + each.step, 0) / kept.length;
	const whole = kept.reduce((sum, each) => sum + each.whole, 0) / kept.length;
	return { from, along, length, offset, step, soft: (2 * whole) / step };
}

/** The steepest fall of brightness outward across a side, to a fraction of a pixel. */
function steepestFall(
	photo: Pixels,
	at: Point,
	outward: Point,
	reach: number,
	way: 1 | -1
): { offset: number; step: number; whole: number } | null {
	const count = Math.ceil(reach);
	const value = (by: number) => brightness(photo, at.x + outward.x * by, at.y + outward.y * by);
	const falls: number[] = [];
	for (let by = -count; by <= count; by++) falls.push(way * (value(by - 1) - value(by + 1)));
	let best = 1;
	for (let index = 1; index < falls.length - 1; index++)
		if (falls[index]! > falls[best]!) best = index;
	const [before, here, after] = [falls[best - 1]!, falls[best]!, falls[best + 1]!];
	if (!(here > 6) || best <= 1 || best >= falls.length - 2) return null;
	const bow = before - 2 * here + after;
	const between = bow < 0 ? (before - after) / (2 * bow) : 0;
	const offset = best - count + Math.min(Math.max(between, -0.5), 0.5);
	const whole = way * (value(-count) - value(count));
	return { offset, step: here, whole };
}

/** Brightness between four pixels; the nearest edge beyond the photo. */
function brightness({ data, width, height }: Pixels, x: number, y: number): number {
	const [px, py] = [
		Math.min(Math.max(x - 0.5, 0), width - 1.001),
		Math.min(Math.max(y - 0.5, 0), height - 1.001)
	];
	const [column, row] = [Math.floor(px), Math.floor(py)];
	const [u, v] = [px - column, py - row];
	const at = 4 * (row * width + column);
	const grey = (index: number) => (data[index]! + 2 * data[index + 1]! + data[index + 2]!) / 4;
	const [above, below] = [at, at + 4 * width];
	return (
		(grey(above) * (1 - u) + grey(above + 4) * u) * (1 - v) +
		(grey(below) * (1 - u) + grey(below + 4) * u) * v
	);
}

const valueAt = ([a, b, c]: readonly [number, number, number], t: number): number =>
	a + b * t + c * t * t;

/** The parabola of least squares through places; null for fewer than six. By Cramer’s rule. */
function parabola(
	points: readonly { t: number; offset: number }[]
): [number, number, number] | null {
	if (points.length < 6) return null;
	const [s0, s1, s2, s3, s4] = [0, 1, 2, 3, 4].map((power) =>
		points.reduce((sum, { t }) => sum + t ** power, 0)
	) as [number, number, number, number, number];
	const [m0, m1, m2] = [0, 1, 2].map((power) =>
		points.reduce((sum, { t, offset }) => sum + offset * t ** power, 0)
	) as [number, number, number];
	const det = (a: number[], b: number[], c: number[]) =>
		a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) -
		b[0]! * (a[1]! * c[2]! - a[2]! * c[1]!) +
		c[0]! * (a[1]! * b[2]! - a[2]! * b[1]!);
	const columns = [
		[s0, s1, s2],
		[s1, s2, s3],
		[s2, s3, s4]
	];
	const whole = det(columns[0]!, columns[1]!, columns[2]!);
	if (Math.abs(whole) < 1e-12) return null;
	return [0, 1, 2].map((which) => {
		const [a, b, c] = columns.with(which, [m0, m1, m2]);
		return det(a!, b!, c!) / whole;
	}) as [number, number, number];
}

/** Where the end of one side meets the start of the next. */
function meeting(one: Edge, next: Edge): Point | null {
	let [t, u] = [1, 0];
	for (let step = 0; step < 6; step++) {
		const [p, q] = [pointOn(one, t), pointOn(next, u)];
		const [dp, dq] = [slopeOn(one, t), slopeOn(next, u)];
		const det = dp.x * -dq.y + dq.x * dp.y;
		if (Math.abs(det) < 1e-9) return null;
		const [x, y] = [q.x - p.x, q.y - p.y];
		t += (x * -dq.y + dq.x * y) / det;
		u += (dp.x * y - dp.y * x) / det;
	}
	return Math.abs(t - 1) < 0.3 && Math.abs(u) < 0.3 ? pointOn(one, t) : null;
}

function pointOn({ from, along, length, offset }: Edge, t: number): Point {
	const by = valueAt(offset, t);
	return {
		x: from.x + along.x * length * t + along.y * by,
		y: from.y + along.y * length * t - along.x * by
	};
}

function slopeOn({ along, length, offset: [, b, c] }: Edge, t: number): Point {
	const by = b + 2 * c * t;
	return { x: along.x * length + along.y * by, y: along.y * length - along.x * by };
}
