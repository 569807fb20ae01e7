import { averageOf, type Point, type Quad } from '../core/index.ts';
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
			edgeAlong(photo, from, corners[(index + 1) % 4]!, reach, BRIGHTNESS)
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
	/** Shares of its length at which it is seen. */
	seen: readonly number[];
	/** How many pixels the edge takes from bright to dark. */
	soft: number;
}

/**
 * Where an edge runs along a side, at even shares of it, as far as it is seen there: by the colours that differ most
 * across it.
 *
 * @param reach how far beside the side it may lie, px.
 */
export function edgePlaces(
	photo: Pixels,
	from: Point,
	to: Point,
	reach: number
): { share: number; at: Point }[] {
	const found = edgeAlong(photo, from, to, reach, contrastAcross(photo, from, to, reach));
	if (!found) return [];
	return SHARES.filter((share) => isSeenAt(found, share)).map((share) => ({
		share,
		at: pointOn(found, share)
	}));
}

/** An edge is looked for within this share of the longer side of the photo. */
const EDGE_REACH = 1 / 250;

/** Where the four sides between corners are seen, each told by the corner it goes on from. */
export function edgesBetween(
	photo: Pixels,
	corners: readonly Point[]
): { side: number; share: number; at: Point }[] {
	const reach = Math.max(photo.width, photo.height) * EDGE_REACH;
	return corners.flatMap((from, side) =>
		edgePlaces(photo, from, corners[(side + 1) % corners.length]!, reach).map((each) => ({
			side,
			...each
		}))
	);
}

/** Shares of a side at which its edge is told. */
const SHARES = [0.15, 0.325, 0.5, 0.675, 0.85];
/** It is seen at a share where it is seen both before and after it, this near. */
const SEEN_BESIDE = 0.06;

const isSeenAt = ({ seen }: Edge, share: number): boolean =>
	[-1, 1].every((way) =>
		seen.some((t) => way * (t - share) >= 0 && way * (t - share) < SEEN_BESIDE)
	);

/** How much each of red, green and blue counts; their sizes add up to 1. */
type Weights = readonly [number, number, number];
const BRIGHTNESS: Weights = [0.25, 0.5, 0.25];

/** Weights by which the two sides of a line differ most: the mean colour on its right less that on its left. */
function contrastAcross(photo: Pixels, from: Point, to: Point, reach: number): Weights {
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	const inward = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
	const mean = (channel: Weights, by: number) =>
		averageOf(
			CONTRAST_AT.map((share) =>
				valueOf(
					photo,
					from.x + (to.x - from.x) * share + inward.x * by,
					from.y + (to.y - from.y) * share + inward.y * by,
					channel
				)
			)
		).mean;
	const differences = CHANNELS.map((channel) => mean(channel, reach) - mean(channel, -reach));
	const all = differences.reduce((sum, each) => sum + Math.abs(each), 0) || 1;
	return differences.map((each) => each / all) as unknown as Weights;
}
const CONTRAST_AT = Array.from({ length: 40 }, (_, index) => 0.1 + (0.8 * index) / 39);
const CHANNELS: readonly Weights[] = [
	[1, 0, 0],
	[0, 1, 0],
	[0, 0, 1]
];

function edgeAlong(
	photo: Pixels,
	from: Point,
	to: Point,
	reach: number,
	weights: Weights
): Edge | null {
	const length = Math.hypot(to.x - from.x, to.y - from.y);
	if (length < 12) return null;
	const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
	const found: { t: number; offset: number; step: number; whole: number }[] = [];
	for (let place = 0; place < PLACES; place++) {
		const t = ENDS + ((1 - 2 * ENDS) * (place + 0.5)) / PLACES;
		const at = { x: from.x + along.x * length * t, y: from.y + along.y * length * t };
		const fall = steepestFall(photo, at, { x: along.y, y: -along.x }, reach, weights);
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
	const seen = kept.map(({ t }) => t);
	return { from, along, length, offset, seen, soft: (2 * whole) / step };
}

/** The steepest fall of brightness outward across a side, to a fraction of a pixel. */
function steepestFall(
	photo: Pixels,
	at: Point,
	outward: Point,
	reach: number,
	weights: Weights
): { offset: number; step: number; whole: number } | null {
	const count = Math.ceil(reach);
	const value = (by: number) =>
		valueOf(photo, at.x + outward.x * by, at.y + outward.y * by, weights);
	const falls: number[] = [];
	for (let by = -count; by <= count; by++) falls.push(value(by - 1) - value(by + 1));
	let best = 1;
	for (let index = 1; index < falls.length - 1; index++)
		if (falls[index]! > falls[best]!) best = index;
	const [before, here, after] = [falls[best - 1]!, falls[best]!, falls[best + 1]!];
	if (!(here > 6) || best <= 1 || best >= falls.length - 2) return null;
	const bow = before - 2 * here + after;
	const between = bow < 0 ? (before - after) / (2 * bow) : 0;
	const offset = best - count + Math.min(Math.max(between, -0.5), 0.5);
	const whole = value(-count) - value(count);
	return { offset, step: here, whole };
}

/** Colours as weighed, between four pixels; the nearest edge beyond the photo. */
function valueOf(
	{ data, width, height }: Pixels,
	x: number,
	y: number,
	[r, g, b]: Weights
): number {
	const [px, py] = [
		Math.min(Math.max(x - 0.5, 0), width - 1.001),
		Math.min(Math.max(y - 0.5, 0), height - 1.001)
	];
	const [column, row] = [Math.floor(px), Math.floor(py)];
	const [u, v] = [px - column, py - row];
	const at = 4 * (row * width + column);
	const weighed = (index: number) => r * data[index]! + g * data[index + 1]! + b * data[index + 2]!;
	const [above, below] = [at, at + 4 * width];
	return (
		(weighed(above) * (1 - u) + weighed(above + 4) * u) * (1 - v) +
		(weighed(below) * (1 - u) + weighed(below + 4) * u) * v
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
