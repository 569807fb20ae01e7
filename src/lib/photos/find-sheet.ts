import { fromMask, Image, type Roi } from 'image-js';
import { averageOf, mapPoint, rectToQuad, type Point, type Quad } from '../core/index.ts';
import { fromUpperLeft } from './from-upper-left.ts';
import type { Pixels } from './warp.ts';
import { refineCorners } from './refine-corners.ts';

/** Longer side that a sheet is looked for at, px. */
const LOOK_AT = 640;
/** Steps of brightness that the picture is cut at. */
const CUTS = 20;
const DARKEST_CUT = 5;
/** Least and largest share of the photo that a sheet may fill. */
const LEAST = 0.0008;
const MOST = 0.7;
/** A sheet fills at least so much of its hull, and its hull of the four corners. */
const FILLS = 0.9;

/** An edge that takes more than this share of the longer side is blurred, and more than so many pixels. A choice, no source. */
const BLURRED_SHARE = 1 / 200;
const BLURRED_PX = 7;

/** A sheet found in a photo. */
export interface FoundSheet {
	/** px, from the upper left on round it. */
	corners: Quad;
	/** Its edges are too soft to measure by. */
	blurred: boolean;
	/** How white it is: mean of the least of red, green and blue within it, 0 to 255, less what it scatters. */
	white: number;
}

/**
 * A bright sheet whose sides are about as `shape`: parts brighter than a cut are looked through at many cuts; those with
 * four straight sides are kept and refined to a fraction of a pixel, and of them the whitest is taken. Null for none.
 *
 * @param shape longer side over the shorter.
 */
export function findSheet(photo: Pixels, shape: number): FoundSheet | null {
	const whole = new Image(photo.width, photo.height, {
		data: new Uint8Array(photo.data.buffer, photo.data.byteOffset, photo.data.length),
		colorModel: 'RGBA'
	});
	const scale = Math.min(1, LOOK_AT / Math.max(photo.width, photo.height));
	const small = whole.resize({ xFactor: scale, yFactor: scale }).grey();
	const candidates = quadsOf(small.blur({ width: 3, height: 3 })).filter((quad) =>
		hasShape(quad, shape)
	);
	let best: FoundSheet | null = null;
	for (const quad of apart(candidates)) {
		const rough = quad.map(({ x, y }) => ({ x: x / scale, y: y / scale })) as unknown as Quad;
		const refined = refineCorners(photo, rough);
		if (!refined || !hasShape(refined.corners, shape)) continue;
		const white = whiteness(photo, refined.corners);
		if (white > (best?.white ?? 0))
			best = {
				...{ corners: refined.corners, white },
				blurred:
					refined.soft > Math.max(BLURRED_PX, BLURRED_SHARE * Math.max(photo.width, photo.height))
			};
	}
	return best;
}

/** Places along either side at which whiteness is read. */
const READ = 12;

function whiteness({ data, width }: Pixels, quad: Quad): number {
	const map = rectToQuad({ width: 1, height: 1 }, quad);
	if (!map.ok) return 0;
	const values: number[] = [];
	for (let row = 0; row < READ; row++)
		for (let column = 0; column < READ; column++) {
			const at = mapPoint(map.value, { x: (column + 1) / (READ + 1), y: (row + 1) / (READ + 1) });
			const index = at ? 4 * (Math.floor(at.y) * width + Math.floor(at.x)) : 0;
			values.push(Math.min(data[index]!, data[index + 1]!, data[index + 2]!));
		}
	const { mean, spread } = averageOf(values);
	return mean - spread;
}

function quadsOf(grey: Image): Quad[] {
	const quads: Quad[] = [];
	const all = grey.width * grey.height;
	for (let cut = DARKEST_CUT; cut < CUTS; cut++) {
		const rois = fromMask(grey.threshold({ threshold: cut / CUTS })).getRois({
			minSurface: LEAST * all,
			maxSurface: MOST * all
		});
		for (const roi of rois) {
			const quad = quadOf(roi);
			if (quad) quads.push(quad);
		}
	}
	return quads;
}

function quadOf(roi: Roi): Quad | null {
	const { points, surface } = roi.convexHull;
	if (roi.surface < FILLS * surface) return null;
	const corners = largestQuad(points.map(({ column, row }) => ({ x: column, y: row })));
	if (!corners || area(corners) < FILLS * surface) return null;
	const { column, row } = roi.origin;
	const placed = corners.map(({ x, y }) => ({ x: x + column, y: y + row }));
	return fromUpperLeft(placed, (corner) => corner) as unknown as Quad;
}

/** Four points of a convex hull: those that are left when the one that cuts off least is dropped, over and over. */
function largestQuad(hull: readonly Point[]): Quad | null {
	const left = [...hull];
	while (left.length > 4) {
		let least = { index: 0, cut: Infinity };
		for (const [index, b] of left.entries()) {
			const [a, c] = [left.at(index - 1)!, left[(index + 1) % left.length]!];
			const cut = Math.abs((b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y));
			if (cut < least.cut) least = { index, cut };
		}
		left.splice(least.index, 1);
	}
	return left.length === 4 ? (left as unknown as Quad) : null;
}

function area(points: readonly Point[]): number {
	const twice = points.reduce((sum, { x, y }, index) => {
		const next = points[(index + 1) % points.length]!;
		return sum + x * next.y - next.x * y;
	}, 0);
	return Math.abs(twice) / 2;
}

const side = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

/** A slant of 40 degrees makes a side this much shorter. */
const SHORTENED = 1.35;

/** Whether the sides of a quadrilateral can be those of a sheet, whichever way up it lies. */
function hasShape([a, b, c, d]: Quad, shape: number): boolean {
	const across = (side(a, b) + side(d, c)) / 2;
	const down = (side(a, d) + side(b, c)) / 2;
	const seen = Math.max(across, down) / Math.min(across, down);
	return seen < shape * SHORTENED && seen > shape / SHORTENED;
}

/** Of quadrilaterals that are nearly the same only the first. */
function apart(quads: readonly Quad[]): Quad[] {
	const kept: Quad[] = [];
	for (const quad of quads)
		if (!kept.some((other) => other.every((corner, index) => side(corner, quad[index]!) < 4)))
			kept.push(quad);
	return kept;
}
