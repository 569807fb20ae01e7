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
	| KnownEdge;

/** An edge between two marks is seen here, at about this share of it; px. */
export interface KnownEdge {
	edge: readonly [string, string];
	share: number;
	at: Point;
	sd: number;
	/** How far its middle may bow beside straight, mm: standard deviation. */
	bowSd: number;
}

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
	const first = startOf(start.value, size, rectangle, marks, known);
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

/** Edges that something is known of, each once. */
const edgesOf = (known: readonly Known[]): KnownEdge[] => [
	...new Map(
		known.flatMap((each) => ('edge' in each ? [[each.edge.join(), each] as const] : []))
	).values()
];

/**
 * Figures in the order they are fitted: turn, away, ln(length), off, bend, out, width, height; x, y and out of each mark;
 * then the bow of each edge.
 */
function startOf(
	lens: Lens,
	size: PhotoSize,
	{ width, height, widthSd, heightSd, corners, outSd }: KnownRectangle,
	marks: readonly SeenMark[],
	known: readonly Known[]
): { at: number[]; scale: number[] } | null {
	const map = rectToQuad({ width, height }, corners);
	const back = map.ok ? inverseMap(map.value) : null;
	const flat = back && marks.map(({ at }) => mapPoint(back, at));
	if (!flat || flat.includes(null)) return null;
	const off = offSd(size);
	return {
		at: [
			...[...lens.turn, ...lens.away, Math.log(lens.length), 0, 0, 0, 0, width, height],
			...flat.flatMap((place, index) => [place!.x, place!.y, marks[index]!.out?.mm ?? 0]),
			...edgesOf(known).map(() => 0)
		],
		scale: [
			...[0.1, 0.1, 0.1, lens.away[2] / 10, lens.away[2] / 10, lens.away[2] / 10],
			...[LENS_LENGTH_SHARE, off, off, LENS_BEND, outSd, widthSd, heightSd],
			...marks.flatMap(({ out }) => [5, 5, out?.sd ?? 1]),
			...edgesOf(known).map(({ bowSd }) => bowSd)
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
	const bowed = edgesOf(known);
	const firstBow = BEFORE + 3 * marks.length;
	const bowOf = known.map((each) =>
		'edge' in each ? bowed.findIndex(({ edge }) => edge.join() === each.edge.join()) : -1
	);
	return (at) => {
		const lens = lensOf(at);
		const [out, width, height] = [at[10]!, at[11]!, at[12]!];
		const pxPerMm = (lens.length * halfDiagonal(size)) / Math.max(lens.away[2], 1);
		const see = (spot: Spot) => seenBy(lens, size, spot);
		const missed = (spot: Spot, mark: Point, sd: number) => {
			const seen = see(spot);
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
			...bowed.map(({ bowSd }, index) => at[firstBow + index]! / bowSd),
			...known.map((each, index) =>
				'edge' in each
					? besideEdge(
							each,
							each.edge.map(place) as [Point, Point],
							at[firstBow + bowOf[index]!]!,
							see
						)
					: missedBy(each, place)
			)
		];
	};
}

function missedBy(known: Exclude<Known, KnownEdge>, place: (id: string) => Point): number {
	if ('tape' in known) {
		const lengths = known.tape.map(([a, b]) => length(place(a), place(b)));
		return (mean(lengths) - known.length) / known.sd;
	}
	const [a, b, c] = known.square.map(place) as [Point, Point, Point];
	const [p, q] = [
		{ x: a.x - b.x, y: a.y - b.y },
		{ x: c.x - b.x, y: c.y - b.y }
	];
	const cos = (p.x * q.x + p.y * q.y) / (Math.hypot(p.x, p.y) * Math.hypot(q.x, q.y));
	return cos / ((known.sd * Math.PI) / 180);
}

/** How far beside an edge, bowed as a parabola, it is seen; in standard deviations. */
function besideEdge(
	{ share, at, sd }: KnownEdge,
	[from, to]: readonly [Point, Point],
	bow: number,
	see: (spot: Spot) => Point | null
): number {
	const [x, y] = [to.x - from.x, to.y - from.y];
	const on = (share: number) => {
		const out = (4 * bow * share * (1 - share)) / Math.hypot(x, y);
		return see({ x: from.x + x * share + y * out, y: from.y + y * share - x * out, z: 0 });
	};
	const [here, next] = [on(share), on(share + 0.01)];
	if (!here || !next) return Infinity;
	const [dx, dy] = [next.x - here.x, next.y - here.y];
	return ((at.x - here.x) * dy - (at.y - here.y) * dx) / Math.hypot(dx, dy) / sd;
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
		const mark = index - BEFORE;
		const isPlace = mark >= 0 && mark < 3 * marks.length && mark % 3 < 2;
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
