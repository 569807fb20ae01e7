import {
	featureMarks,
	figuresOfFeature,
	knownOfWall,
	normalDraw,
	readPhoto,
	seeded,
	seenWall,
	sheetAt,
	WALL_CORNERS,
	type PhotoSize,
	type Point,
	type Taped
} from '../../src/lib/core/index.ts';
import { edgesBetween } from '../../src/lib/photos/refine-corners.ts';
import { besideLine, hand, lookFor, notedLength, sizeOf, type SeenSheet } from './taken.ts';
import type { Tally } from './tally.ts';
import { anyWall, photographWall, type WallScene } from './wall-photo.ts';

/** How far hands and tapes are off, one standard deviation; apart from what the core reckons with. From memory. */
const OFF = { mark: { mm: 0.5, px: 1 }, tape: 1 };

/** A rendered photo of a wall of 4 m with a door, a window and a socket, after the app and a hand marked it. */
export interface MarkedPhotoOfWall {
	size: PhotoSize;
	/** As the camera notes it, mm. */
	focal: number;
	seen: SeenSheet;
	marked: Record<string, Point>;
	edges: { side: number; share: number; at: Point }[];
	taped: { width: Taped; height: Taped };
	truth: Record<string, Record<string, number>>;
}

export function markedPhotoOfWall(index: number): MarkedPhotoOfWall {
	const random = seeded(70_000 + index);
	const size = sizeOf(index, true);
	const scene = anyWall(random);
	const taken = photographWall(scene, size, 25, 80_000 + index);
	const seen = lookFor(scene.sheet, taken);
	const put = hand(random, taken, OFF.mark);
	const frame = scene.outline.corners.map((corner) => put(corner));
	const edges = edgesBetween(taken.photo, frame);
	const things = Object.entries({ door: scene.door, window: scene.window, socket: scene.socket });
	const traced = things.flatMap(([id, { x, y, width, height }]) => {
		const [upper, lower] = featureMarks(id);
		return [
			[upper, put({ x, y })] as const,
			[lower, put({ x: x + width, y: y + height })] as const
		];
	});
	const corners = WALL_CORNERS.map((id, corner) => [id, frame[corner]!] as const);
	const [a, , c, d] = scene.outline.corners;
	const tape = (from: Point, to: Point) => ({
		length: Math.hypot(to.x - from.x, to.y - from.y) + normalDraw(random, OFF.tape),
		sd: OFF.tape
	});
	return {
		...{ size, focal: notedLength(taken.lens), seen, edges },
		...{ marked: Object.fromEntries([...corners, ...traced]) },
		taped: { width: tape(d, c), height: tape(d, a) },
		truth: Object.fromEntries(things.map(([id, thing]) => [id, truthOf(scene, thing)]))
	};
}

/** What the core reads in such a photo, against the truth; false where it reads nothing. */
export function readWall(tally: Tally, photo: MarkedPhotoOfWall): boolean {
	const { size, focal, seen, marked, edges, taped, truth } = photo;
	const reading = readPhoto(
		size,
		sheetAt('a4', seen.corners),
		seenWall(size, marked),
		knownOfWall(edges, taped),
		focal
	);
	if (!reading.ok) return false;
	for (const [id, figures] of Object.entries(truth))
		for (const [key, { value, sd }] of Object.entries(figuresOfFeature(reading.value, id)))
			tally.tell(key, value - figures[key]!, sd);
	return true;
}

/** As features are kept: across from the left end, up from the floor. */
function truthOf({ outline: { corners } }: WallScene, { x, y, width, height }: WallScene['door']) {
	const [a, , c, d] = corners;
	const [upper, lower] = [
		{ x, y },
		{ x: x + width, y: y + height }
	];
	const across = (at: typeof upper) => besideLine(d, a, at);
	const up = (at: typeof upper) => besideLine(c, d, at);
	return {
		...{ x: across(upper), y: up(lower) },
		...{ width: across(lower) - across(upper), height: up(upper) - up(lower) }
	};
}
