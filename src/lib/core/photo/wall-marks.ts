import type { Point } from '../base/geometry/line.ts';
import type { Quad } from '../base/geometry/homography.ts';
import {
	FOUND_EDGE_PX,
	HOUSE_BOW_MM,
	HOUSE_SQUARE_DEGREES,
	PLACED_ON_WALL_MM,
	UNKNOWN_SIDE_SHARE
} from '../base/figures/photo.ts';
import { beyond, length, meanLength, type Places } from './lengths.ts';
import type { PhotoSize } from './lens.ts';
import { placed } from './placed.ts';
import type { Taped } from './taped.ts';
import type { Known, KnownRectangle, PhotoReading, SeenMark } from './read-photo.ts';

/** Corners of a wall as a photo shows them, clockwise. */
export const WALL_CORNERS = ['ceiling-left', 'ceiling-right', 'floor-right', 'floor-left'] as const;
export type WallCorner = (typeof WALL_CORNERS)[number];
/** Two corners of a thing on the wall: its upper left and its lower right one. */
const OF_A_FEATURE = ['upper-left', 'lower-right'] as const;

/** Marks of a thing on the wall, by its id. */
export const featureMarks = (id: string): readonly [string, string] => [
	`${id}/${OF_A_FEATURE[0]}`,
	`${id}/${OF_A_FEATURE[1]}`
];

/** Marks of a wall as they lie in a photo, ready to be read. */
export const seenWall = (size: PhotoSize, marked: Readonly<Record<string, Point>>): SeenMark[] =>
	Object.entries(marked).map(([id, at]) => ({
		...placed(size, id, at),
		sdMm: PLACED_ON_WALL_MM
	}));

/**
 * What is known of a wall before it is read: it is about square, its sides are straight where they are seen, and it is as
 * wide and high as a tape says.
 *
 * @param edges where a side is seen, from the upper left corner clockwise.
 */
export function knownOfWall(
	edges: readonly { side: number; share: number; at: Point }[],
	taped: { width?: Taped; height?: Taped }
): Known[] {
	const [a, b, c, d] = WALL_CORNERS;
	const square = { sd: HOUSE_SQUARE_DEGREES };
	return [
		{ square: [d, a, b], ...square },
		{ square: [a, b, c], ...square },
		{ square: [b, c, d], ...square },
		...edges.map(({ side, share, at }) => ({
			edge: [WALL_CORNERS[side]!, WALL_CORNERS[(side + 1) % 4]!] as const,
			...{ share, at, sd: FOUND_EDGE_PX, bowSd: HOUSE_BOW_MM }
		})),
		...(taped.width ? [{ tape: FLOOR, ...taped.width }] : []),
		...(taped.height ? [{ tape: LEFT_END, ...taped.height }] : [])
	];
}

const FLOOR = [['floor-left', 'floor-right']] as const;
const LEFT_END = [['ceiling-left', 'floor-left']] as const;

/** The wall itself as the known rectangle, where no sheet is in the photo: a side nobody taped is only about so long. */
export function wallAsKnown(
	size: PhotoSize,
	corners: Quad,
	about: { width: number; height: number },
	taped: { width?: Taped; height?: Taped }
): KnownRectangle {
	const side = (length: number, by: Taped | undefined) =>
		by ?? { length, sd: UNKNOWN_SIDE_SHARE * length };
	const [width, height] = [side(about.width, taped.width), side(about.height, taped.height)];
	const { sd } = placed(size, 'corner', corners[0]);
	return {
		...{ width: width.length, height: height.length, widthSd: width.sd, heightSd: height.sd },
		...{ corners, cornerSd: Math.hypot(sd, 1), outSd: 0.1 }
	};
}

/** Corners of a thing on the wall between its two marks, along the floor and upright to it; as places are. */
export function outlineOf({ places }: PhotoReading, marks: readonly [string, string]): Point[] {
	const [from, to] = [places.get('floor-left')!, places.get('floor-right')!];
	const far = length(from, to);
	const along = { x: (to.x - from.x) / far, y: (to.y - from.y) / far };
	const [a, c] = [places.get(marks[0])!, places.get(marks[1])!];
	const across = (c.x - a.x) * along.x + (c.y - a.y) * along.y;
	const by = { x: across * along.x, y: across * along.y };
	return [a, { x: a.x + by.x, y: a.y + by.y }, c, { x: c.x - by.x, y: c.y - by.y }];
}

/** A figure of a wall or of a thing on it, mm, with its standard deviation. */
export interface WallFigure {
	value: number;
	sd: number;
}

/** Width along the floor, and height at the left end. */
export const figuresOfWall = ({ figure }: PhotoReading) => ({
	width: figure((places) => meanLength(places, FLOOR)),
	height: figure((places) => meanLength(places, LEFT_END))
});

/** Where a thing on the wall lies, as features are kept: its left edge from the left end, its bottom above the floor there. */
export function figuresOfFeature(
	{ figure }: PhotoReading,
	id: string
): Record<'x' | 'y' | 'width' | 'height', WallFigure> {
	const [upper, lower] = featureMarks(id);
	const across = (places: Places, mark: string) =>
		beyond(places.get('floor-left')!, places.get('ceiling-left')!, places.get(mark)!);
	const up = (places: Places, mark: string) =>
		beyond(places.get('floor-right')!, places.get('floor-left')!, places.get(mark)!);
	return {
		x: figure((places) => across(places, upper)),
		y: figure((places) => up(places, lower)),
		width: figure((places) => across(places, lower) - across(places, upper)),
		height: figure((places) => up(places, upper) - up(places, lower))
	};
}
