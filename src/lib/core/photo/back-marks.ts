import type { Point } from '../base/geometry/line.ts';
import { nineInTen } from '../readings/spread.ts';
import {
	BETTER_TAPED_MM,
	FOUND_EDGE_PX,
	FRAME_BOW_MM,
	FRAME_SQUARE_DEGREES,
	HARDWARE_OUT_MM,
	HARDWARE_OUT_SD_MM
} from '../base/figures/photo.ts';
import { PULL_READING_MM } from '../base/figures/readings.ts';
import type { MarkName } from '../../words/en/back-marks.ts';
import { hangerOf } from '../piece/hangers/index.ts';
import type { ByPhoto, HungPiece, PiecePoint } from '../piece/hangers/types.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import type { Piece } from '../piece/piece.ts';
import { beyond, length, mean, meanLength, type Places } from './lengths.ts';
import { placed } from './placed.ts';
import type { Taped } from './taped.ts';
import type { Known, PhotoReading, SeenMark } from './read-photo.ts';
import type { PhotoSize } from './lens.ts';

/** Corners of the outside of a frame as a photo of its back shows them, clockwise. */
export const FRAME_CORNERS = ['top-left', 'top-right', 'bottom-right', 'bottom-left'] as const;
export type FrameCorner = (typeof FRAME_CORNERS)[number];

/** A place on the back to be marked in its photo, and about where it is by what is known so far. */
export interface BackMark {
	id: MarkName;
	at: PiecePoint;
	/** A hand holds it up while the photo is taken. */
	pulled: boolean;
}

/** What is to be marked on a back besides its corners, in the order of its dimensions: its hanger says what. */
export function backMarks(piece: Piece): BackMark[] {
	const hung = hungPiece(piece);
	const marks = new Map<MarkName, BackMark>();
	const dimensions = hangerOf(piece.back).dimensions(piece.back, hung);
	// A difference in height is drawn beside the points it is of.
	const differences = dimensions.filter(({ byPhoto }) => byPhoto && 'lower' in byPhoto);
	const others = dimensions.filter((each) => !differences.includes(each));
	for (const { byPhoto, from, to } of [...others, ...differences])
		for (const mark of byPhoto ? markedBy(byPhoto, from, to, hung) : [])
			if (!marks.has(mark.id))
				marks.set(mark.id, { ...mark, pulled: byPhoto !== undefined && 'pulled' in byPhoto });
	return [...marks.values()];
}

function markedBy(
	byPhoto: ByPhoto,
	from: PiecePoint,
	to: PiecePoint,
	{ width, height }: HungPiece
): Omit<BackMark, 'pulled'>[] {
	if ('between' in byPhoto || 'lower' in byPhoto) {
		const [one, other] = 'between' in byPhoto ? byPhoto.between : byPhoto.lower;
		return [
			{ id: one, at: from },
			{ id: other, at: to }
		];
	}
	const edge = {
		top: (at: PiecePoint) => at.drop,
		bottom: (at: PiecePoint) => height - at.drop,
		left: (at: PiecePoint) => at.x + width / 2,
		right: (at: PiecePoint) => width / 2 - at.x,
		middle: (at: PiecePoint) => at.x
	}[byPhoto.from];
	const at = Math.abs(edge(from)) > Math.abs(edge(to)) ? from : to;
	return byPhoto.to.map((id, index) => ({ id, at: index === 0 ? at : { ...at, x: -at.x } }));
}

/** What is marked in a photo of a back: the four corners of the frame, and marks on the back as far as there are any. */
export type MarkedBack = Readonly<Record<FrameCorner, Point> & Partial<Record<MarkName, Point>>>;

/** Marks of a back as they lie in a photo, ready to be read; `marks` are those that its hanger asks for. */
export function seenBack(
	size: PhotoSize,
	marked: MarkedBack,
	marks: readonly BackMark[]
): SeenMark[] {
	const out = { mm: HARDWARE_OUT_MM, sd: HARDWARE_OUT_SD_MM };
	return Object.entries(marked).map(([id, at]) => {
		const mark = placed(size, id, at);
		if (FRAME_CORNERS.some((corner) => corner === id)) return mark;
		const pulled = marks.some((each) => each.id === id && each.pulled);
		return { ...mark, out, ...(pulled && { sdMm: PULL_READING_MM }) };
	});
}

/** A place where an edge of the frame is seen, between two of its corners. */
export interface SeenEdge {
	/** The side from this corner on, clockwise. */
	from: FrameCorner;
	/** At about this share of the side. */
	share: number;
	/** px. */
	at: Point;
}

/**
 * What is known of a back before it is read: it is square, its sides are straight where they are seen, and it is as wide
 * or high as a tape says where one was laid on.
 */
export function knownOfBack(
	edges: readonly SeenEdge[],
	taped: { width?: Taped; height?: Taped }
): Known[] {
	const [a, b, c, d] = FRAME_CORNERS;
	const square = { sd: FRAME_SQUARE_DEGREES };
	const after = (corner: FrameCorner) =>
		FRAME_CORNERS[(FRAME_CORNERS.indexOf(corner) + 1) % FRAME_CORNERS.length]!;
	return [
		{ square: [d, a, b], ...square },
		{ square: [a, b, c], ...square },
		{ square: [b, c, d], ...square },
		{ square: [c, d, a], ...square },
		...edges.map(({ from, share, at }) => ({
			edge: [from, after(from)] as const,
			...{ share, at, sd: FOUND_EDGE_PX, bowSd: FRAME_BOW_MM }
		})),
		...(taped.width ? [{ tape: ACROSS, ...taped.width }] : []),
		...(taped.height ? [{ tape: DOWN, ...taped.height }] : [])
	];
}

const ACROSS = [
	['top-left', 'top-right'],
	['bottom-left', 'bottom-right']
] as const;
const DOWN = [
	['top-left', 'bottom-left'],
	['top-right', 'bottom-right']
] as const;

/** A figure of a piece that a photo of its back gave. */
export interface PhotoFigure {
	of: 'piece' | 'back';
	key: string;
	label: string;
	/** mm. */
	value: number;
	sd: number;
	/** A tape reads it better: it lies far from the sheet. */
	poor: boolean;
}

/** Width and height of the outside of a frame, mm. */
export const sizeOfBack = ({ places }: PhotoReading): [width: number, height: number] => [
	meanLength(places, ACROSS),
	meanLength(places, DOWN)
];

/** Every figure that the marks put down so far give: the outside of the frame, then the dimensions of the back. */
export function figuresOfBack(piece: Piece, reading: PhotoReading): PhotoFigure[] {
	const figure = (of: (places: Places) => number) => {
		const { value, sd } = reading.figure(of);
		return { value, sd, poor: nineInTen(sd) > BETTER_TAPED_MM };
	};
	const sizes = [
		{ key: 'width', label: 'Width', ...figure((places) => meanLength(places, ACROSS)) },
		{ key: 'height', label: 'Height', ...figure((places) => meanLength(places, DOWN)) }
	].map((each) => ({ of: 'piece' as const, ...each }));
	const back = hangerOf(piece.back)
		.dimensions(piece.back, hungPiece(piece))
		.flatMap(({ key, label, byPhoto }) =>
			byPhoto && namesOf(byPhoto).every((name) => reading.places.has(name))
				? [{ of: 'back' as const, key, label, ...figure((places) => valueOf(places, byPhoto)) }]
				: []
		);
	return [...sizes, ...back];
}

const namesOf = (byPhoto: ByPhoto): readonly MarkName[] =>
	'between' in byPhoto ? byPhoto.between : 'lower' in byPhoto ? byPhoto.lower : byPhoto.to;

/** The value of a dimension by its marks; the photo shows the back, so that its right is left as it hangs. */
function valueOf(places: Places, byPhoto: ByPhoto): number {
	const at = (name: string) => places.get(name)!;
	const corner = (name: FrameCorner) => at(name);
	if ('between' in byPhoto) return length(at(byPhoto.between[0]), at(byPhoto.between[1]));
	const top = (name: string) => beyond(corner('top-left'), corner('top-right'), at(name));
	if ('lower' in byPhoto) return top(byPhoto.lower[1]) - top(byPhoto.lower[0]);
	const inward = {
		top,
		bottom: (name: string) => beyond(corner('bottom-right'), corner('bottom-left'), at(name)),
		left: (name: string) => beyond(corner('top-right'), corner('bottom-right'), at(name)),
		right: (name: string) => beyond(corner('bottom-left'), corner('top-left'), at(name)),
		middle: (name: string) =>
			beyond(
				between(corner('top-left'), corner('top-right')),
				between(corner('bottom-left'), corner('bottom-right')),
				at(name)
			)
	}[byPhoto.from];
	return mean(byPhoto.to.map(inward));
}

const between = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
