import {
	normalDraw,
	shapeOf,
	type Lens,
	type PhotoSize,
	type Point,
	type Quad
} from '../../src/lib/core/index.ts';
import { findRings } from '../../src/lib/photos/find-rings.ts';
import { findSheet } from '../../src/lib/photos/find-sheet.ts';
import type { TakenPhoto } from './back-photo.ts';
import { knownPlaces, type LaidSheet } from './laid-sheet.ts';

const SMALL = { width: 1224, height: 1632 };
const LARGE = { width: 3000, height: 4000 };
/** One in so many photos is a large one: each takes half a minute to render. */
const LARGE_EVERY = 15;

/** Size of a photo, px: now and then one of 12 million pixels, else one of 2. */
export const sizeOf = (index: number, lying = false): PhotoSize => {
	const { width, height } = index % LARGE_EVERY === LARGE_EVERY - 1 ? LARGE : SMALL;
	return lying ? { width: height, height: width } : { width, height };
};

/** Length of a lens as a camera notes it: to a millimetre, as on a frame of 36 by 24 mm. */
export const notedLength = ({ length }: Lens): number =>
	Math.round((length * Math.hypot(36, 24)) / 2);

/** What was seen of the sheet in a photo: its corners, or those that a person puts where the app did not find it. */
export interface SeenSheet {
	found: boolean;
	corners: Quad;
	/** How long it was looked for, ms of processor. */
	took: number;
}

export function lookFor(sheet: LaidSheet, { photo, at }: TakenPhoto): SeenSheet {
	const truth = knownPlaces(sheet).map(({ x, y }) => at(x, y, sheet.out));
	const before = process.cpuUsage().user;
	const corners = sheet.rings ? findRings(photo) : findSheet(photo, shapeOf('a4'))?.corners;
	const took = (process.cpuUsage().user - before) / 1000;
	const off = corners
		? Math.max(...corners.map(({ x, y }, corner) => away({ x, y }, truth[corner]!)))
		: Infinity;
	const found = off < Math.max(photo.width, photo.height) / 400;
	return { found, took, corners: found ? corners! : (truth as unknown as Quad) };
}

const away = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y);

/** A hand that puts marks down: so far off on the thing, mm, and in a photo 4000 px long, px; one standard deviation. */
export function hand(
	random: () => number,
	{ photo, at }: TakenPhoto,
	off: { mm: number; px: number }
) {
	const px = (off.px * Math.max(photo.width, photo.height)) / 4000;
	return ({ x, y }: Point, out = 0): Point => {
		const there = at(x + normalDraw(random, off.mm), y + normalDraw(random, off.mm), out);
		return { x: there.x + normalDraw(random, px), y: there.y + normalDraw(random, px) };
	};
}

/** How far a place lies to the right of a line as one goes along it, y down. */
export function besideLine(from: Point, to: Point, { x, y }: Point): number {
	const length = away(from, to);
	return ((to.x - from.x) * (y - from.y) - (to.y - from.y) * (x - from.x)) / length;
}
