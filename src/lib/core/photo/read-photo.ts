import type { Matrix } from 'ml-matrix';
import type { Spot } from '../base/geometry/camera.ts';
import type { Point } from '../base/geometry/line.ts';
import type { Quad } from '../base/geometry/homography.ts';
import { inverseMap, mapPoint, rectToQuad } from '../base/geometry/homography.ts';
import { ok, type Result } from '../base/result.ts';
import {
	CAMERA_SHAPES,
	CUT_OFF_MIDDLE,
	LENS_BEND,
	LENS_LENGTH,
	LENS_LENGTH_SHARE,
	LENS_OFF_MIDDLE,
	NOTED_LENGTH_SHARE,
	TOO_SLANTED_DEGREES
} from '../base/figures/photo.ts';
import { firstLens } from './first-lens.ts';
import { length, mean, type Places } from './lengths.ts';
import { leastSquares } from './least-squares.ts';
import { halfDiagonal, seenBy, slantOf, type Lens, type PhotoSize } from './lens.ts';
import { fail } from './said.ts';

/** A rectangle in the plane whose size is known: a sheet, a card, a door. */
export interface KnownRectangle {
	/** mm, and the standard deviation of either. */
	width: number;
	height: number;
	widthSd: number;
	heightSd: number;
	/** Its corners in the photo, px, from the upper left on round it, and their standard deviation. */
	corners: Quad;
	cornerSd: number;
	/** How far it may lie before or behind the plane, mm: standard deviation. */
	outSd: number;
}

/** A place marked in the photo. */
export interface SeenMark {
	id: string;
	/** px. */
	at: Point;
	/** Standard deviation of where it is put, px; and of what it marks, mm. */
	sd: number;
	sdMm: number;
	/** How far it lies before the plane, mm, and its standard deviation; in the plane unless said. */
	out?: { mm: number; sd: number };
}

/** What is known of marks besides where the photo shows them. */
export type Known =
	/** A tape between two marks, mm; between several pairs where all are as far apart. */
	| { tape: readonly (readonly [string, string])[]; length: number; sd: number }
	/** A right angle at the second of three marks, degrees. */
	| { square: readonly [string, string, string]; sd: number }
	/** A straight edge between two marks is seen here, at about this share of it; px. */
	| { edge: readonly [string, string]; share: number; at: Point; sd: number };

/** What a photo of a plane says of the places marked in it. */
export interface PhotoReading {
	/** Places by mark, mm: x right and y down as the photo shows it, from the known rectangle’s upper left corner. */
	places: Places;
	/** A figure that follows from the places, and its standard deviation, in its unit. */
	figure(of: (places: Places) => number): { value: number; sd: number };
	lens: Lens;
	/** Angle of the lens to the plane’s normal, degrees. */
	slant: number;
	/** Root mean square of what is left over, in standard deviations; about 1 where all fits. */
	misfit: number;
}

/** More left over than this, in standard deviations, and something is not what it is said to be. A choice, no source. */
const NO_FIT = 4;
/** Figures of the lens and the known rectangle that come before those of the marks. */
const BEFORE = 13;

/**
 * Reads a photo: the lens, the known rectangle and every place are fitted together, so that each known length helps
 * every figure and each figure’s spread follows from that of all that was put down and taped.
 *
 * Errors: `not-convex`; `no-fit`, where nothing flat looks like this; `too-slanted`.
 *
 * @param focal length of the lens as on a frame of 36 by 24 mm, where the camera noted it.
 * Source: bundle adjustment of a plane; Triggs et al., Vision Algorithms (LNCS 1883), 298.
 */
export function readPhoto(
	size: PhotoSize,
	rectangle: KnownRectangle,
	marks: readonly SeenMark[],
	known: readonly Known[] = [],
	focal: number | null = null
): Result<PhotoReading> {
	const lensLength = lengthKnown(focal);
	const start = firstLens(rectangle, rectangle.corners, size, lensLength.usual);
	if (!start.ok) return start;
	const first = startOf(start.value, size, rectangle, marks);
	if (!first) return fail('no-fit', {});
	const fitted = leastSquares(
		residualsOf(size, rectangle, marks, known, lensLength),
		first.at,
		first.scale
	);
	if (!fitted) return fail('no-fit', {});
	const lens = lensOf(fitted.at);
	const slant = slantOf(lens);
	if (slant > TOO_SLANTED_DEGREES) return fail('too-slanted', { degrees: slant });
	// Four corners have two figures more than where the lens is; each thing known besides is one more.
	const misfit = Math.sqrt(fitted.cost / (2 + known.length));
	if (misfit > NO_FIT) return fail('no-fit', {});
	const places = placesOf(fitted.at, marks);
	return ok({
		...{ places, lens, slant, misfit },
		figure: (of) => ({
			value: of(places),
			sd: spreadOf(of, fitted.at, fitted.covariance, marks)
		})
	});
}

/** Figures in the order they are fitted: turn, away, ln(length), off, bend, out, width, height; then x, y and out of each mark. */
function startOf(
	lens: Lens,
	size: PhotoSize,
	{ width, height, widthSd, heightSd, corners, outSd }: KnownRectangle,
	marks: readonly SeenMark[]
): { at: number[]; scale: number[] } | null {
	const map = rectToQuad({ width, height }, corners);
	const back = map.ok ? inverseMap(map.value) : null;
	const flat = back && marks.map(({ at }) => mapPoint(back, at));
	if (!flat || flat.includes(null)) return null;
	const off = offSd(size);
	return {
		at: [
			...[...lens.turn, ...lens.away, Math.log(lens.length), 0, 0, 0, 0, width, height],
			...flat.flatMap((place, index) => [place!.x, place!.y, marks[index]!.out?.mm ?? 0])
		],
		scale: [
			...[0.1, 0.1, 0.1, lens.away[2] / 10, lens.away[2] / 10, lens.away[2] / 10],
			...[LENS_LENGTH_SHARE, off, off, LENS_BEND, outSd, widthSd, heightSd],
			...marks.flatMap(({ out }) => [5, 5, out?.sd ?? 1])
		]
	};
}

const lensOf = (at: readonly number[]): Lens => ({
	turn: [at[0]!, at[1]!, at[2]!],
	away: [at[3]!, at[4]!, at[5]!],
	length: Math.exp(at[6]!),
	off: { x: at[7]!, y: at[8]! },
	bend: at[9]!
});

const placesOf = (at: readonly number[], marks: readonly SeenMark[]): Places =>
	new Map(
		marks.map(({ id }, index) => [
			id,
			{ x: at[BEFORE + 3 * index]!, y: at[BEFORE + 3 * index + 1]! }
		])
	);

/** Half the diagonal of a frame of 36 by 24 mm. */
const HALF_FRAME = Math.hypot(36, 24) / 2;

const lengthKnown = (focal: number | null): { usual: number; share: number } =>
	focal === null
		? { usual: LENS_LENGTH, share: LENS_LENGTH_SHARE }
		: { usual: focal / HALF_FRAME, share: NOTED_LENGTH_SHARE };

/** A photo that has not a camera’s shape was cut, and its middle is not the lens’s. */
function offSd({ width, height }: PhotoSize): number {
	const shape = Math.max(width, height) / Math.min(width, height);
	return CAMERA_SHAPES.some((each) => Math.abs(shape / each - 1) < 0.01)
		? LENS_OFF_MIDDLE
		: CUT_OFF_MIDDLE;
}

function residualsOf(
	size: PhotoSize,
	rectangle: KnownRectangle,
	marks: readonly SeenMark[],
	known: readonly Known[],
	lensLength: { usual: number; share: number }
): (at: readonly number[]) => number[] {
	const off = offSd(size);
	const indexOf = new Map(marks.map(({ id }, index) => [id, index]));
	return (at) => {
		const lens = lensOf(at);
		const [out, width, height] = [at[10]!, at[11]!, at[12]!];
		const pxPerMm = (lens.length * halfDiagonal(size)) / Math.max(lens.away[2], 1);
		const missed = (spot: { x: number; y: number; z: number }, mark: Point, sd: number) => {
			const seen = seenBy(lens, size, spot);
			return seen ? [(seen.x - mark.x) / sd, (seen.y - mark.y) / sd] : [Infinity, Infinity];
		};
		const place = (id: string): Point => {
			const index = BEFORE + 3 * indexOf.get(id)!;
			return { x: at[index]!, y: at[index + 1]! };
		};
		const corner = [
			{ x: 0, y: 0 },
			{ x: width, y: 0 },
			{ x: width, y: height },
			{ x: 0, y: height }
		];
		return [
			(at[6]! - Math.log(lensLength.usual)) / lensLength.share,
			...[at[7]! / off, at[8]! / off, at[9]! / LENS_BEND],
			out / Math.max(rectangle.outSd, 1e-3),
			...[
				(width - rectangle.width) / rectangle.widthSd,
				(height - rectangle.height) / rectangle.heightSd
			],
			...corner.flatMap((each, index) =>
				missed({ ...each, z: out }, rectangle.corners[index]!, rectangle.cornerSd)
			),
			...marks.flatMap(({ id, at: seen, sd, sdMm, out: before }, index) => {
				const z = at[BEFORE + 3 * index + 2]!;
				return [
					...missed({ ...place(id), z }, seen, Math.hypot(sd, sdMm * pxPerMm)),
					(z - (before?.mm ?? 0)) / (before?.sd ?? 1e-3)
				];
			}),
			...known.map((each) => missedBy(each, place, (spot) => seenBy(lens, size, spot)))
		];
	};
}

function missedBy(
	known: Known,
	place: (id: string) => Point,
	seen: (spot: Spot) => Point | null
): number {
	if ('tape' in known) {
		const lengths = known.tape.map(([a, b]) => length(place(a), place(b)));
		return (mean(lengths) - known.length) / known.sd;
	}
	if ('square' in known) {
		const [a, b, c] = known.square.map(place) as [Point, Point, Point];
		const [p, q] = [
			{ x: a.x - b.x, y: a.y - b.y },
			{ x: c.x - b.x, y: c.y - b.y }
		];
		const cos = (p.x * q.x + p.y * q.y) / (Math.hypot(p.x, p.y) * Math.hypot(q.x, q.y));
		return cos / ((known.sd * Math.PI) / 180);
	}
	const [from, to] = known.edge.map(place) as [Point, Point];
	const on = (share: number) =>
		seen({ x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share, z: 0 });
	const [here, next] = [on(known.share), on(known.share + 0.01)];
	if (!here || !next) return Infinity;
	const [dx, dy] = [next.x - here.x, next.y - here.y];
	const beside = (known.at.x - here.x) * dy - (known.at.y - here.y) * dx;
	return beside / Math.hypot(dx, dy) / known.sd;
}

/** √(gᵀCg), with the slope g of the figure at the places. JCGM 100:2008 (GUM), 5.2.2. */
function spreadOf(
	of: (places: Places) => number,
	at: readonly number[],
	covariance: Matrix,
	marks: readonly SeenMark[]
): number {
	const STEP = 0.01;
	const slope = at.map((value, index) => {
		const isPlace = index >= BEFORE && (index - BEFORE) % 3 < 2;
		if (!isPlace) return 0;
		const moved = (by: number) => of(placesOf(at.with(index, value + by), marks));
		return (moved(STEP) - moved(-STEP)) / (2 * STEP);
	});
	let variance = 0;
	for (const [row, a] of slope.entries())
		if (a !== 0)
			for (const [column, b] of slope.entries()) variance += a * b * covariance.get(row, column);
	return Math.sqrt(Math.max(variance, 0));
}
