import { normalDraw, seeded, seenBy, type Lens, type PhotoSize } from '../../src/lib/core/index.ts';
import { lensBefore, type TakenPhoto } from './back-photo.ts';
import { sheetLayers, type LaidSheet } from './laid-sheet.ts';
import { depthIn, madeByHand, type Outline } from './outline.ts';
import { CLEAR, renderPhoto, type Layer } from './render.ts';
import { grained, within } from './scenes.ts';

/** A wall as a camera sees it, mm: x right from its left end, y down from the ceiling. */
export interface WallScene {
	width: number;
	height: number;
	door: { x: number; y: number; width: number; height: number };
	window: { x: number; y: number; width: number; height: number };
	socket: { x: number; y: number; width: number; height: number };
	sheet: LaidSheet;
	outline: Outline;
}

const PAINTS = [0xb9a58c, 0x9fb0a8, 0xc4b7a6, 0x8a97a6, 0xbfae9b] as const;

/** How far rooms are off square and straight, mm: a fifth of a degree at a corner. From memory. */
const HOUSES_OFF = { corner: 7, bow: 3 };

/** A wall of about 4 m with a door, a window and a socket, and an A4 sheet taped to it. */
export function anyWall(random: () => number, width = 4000, height = 2500): WallScene {
	const drawn = (sd: number) => normalDraw(random, sd);
	return {
		...{ width, height },
		door: { x: 250 + drawn(60), y: height - 2050, width: 860 + drawn(30), height: 2050 },
		window: { x: 2600 + drawn(80), y: 500 + drawn(60), width: 1000, height: 1200 },
		socket: { x: 1900 + drawn(60), y: height - 350, width: 86, height: 86 },
		sheet: {
			...{ x: 1700 + drawn(60), y: 900 + drawn(60), turn: drawn(0.02) },
			...{ width: 210 * (1 + drawn(0.0005)), height: 297 * (1 + drawn(0.0005)), out: 0.2 }
		},
		outline: madeByHand([0, 0, width, height], random, HOUSES_OFF)
	};
}

function layersOf(scene: WallScene, random: () => number): Layer[] {
	const { width: w, height: h, door, window, socket, sheet, outline } = scene;
	const seed = () => 1 + Math.floor(1000 * random());
	const at = ({ x, y, width, height }: WallScene['door']) => [x, y, x + width, y + height] as const;
	const paint = PAINTS[Math.floor(random() * PAINTS.length)]!;
	const plaster = grained(paint, seed(), 30, 20, 6);
	const depth = depthIn(outline);
	return [
		...sheetLayers(sheet, grained(0xf2f2ee, seed(), 2, 2, 3)),
		within(0, at(socket), grained(0xdcdad2, seed(), 9, 9, 4)),
		within(0, at(door), grained(0x7a6a55, seed(), 40, 200, 8)),
		within(0, at(window), grained(0x9cb8c8, seed(), 80, 80, 10)),
		{ z: 0, paint: (x, y) => (depth(x, y) < 0 ? CLEAR : plaster(x, y)) },
		within(0, [-3000, h / 2, w + 3000, h + 3000], grained(0x5c4632, seed(), 90, 12, 16)),
		within(0, [-3000, -3000, w + 3000, h / 2], grained(0xe6e4de, seed(), 60, 60, 4)),
		{ z: 0, paint: grained(0x6f7468, seed(), 60, 60, 6) }
	];
}

/** A photo of a whole wall. */
export function photographWall(
	scene: WallScene,
	size: PhotoSize,
	slant: number,
	seed: number
): TakenPhoto {
	const random = seeded(seed);
	const lens = beforeMiddle(scene, lensBefore(scene, size, slant, random));
	const photo = renderPhoto({
		...{ size, lens, seed: seed + 1, layers: layersOf(scene, random) },
		...{ noise: 2 + 3 * random(), shade: 0.3 * random(), blur: 0.6 + 0.5 * random() }
	});
	return { photo, lens, at: (x, y, out = 0) => seenBy(lens, size, { x, y, z: out })! };
}

/** A lens that was before the origin, before the middle of a wall whose places count from its upper left corner. */
export function beforeMiddle({ width, height }: WallScene, lens: Lens): Lens {
	const [x, y, z] = seenFrom(lens.turn, -width / 2, -height / 2);
	const [ax, ay, az] = lens.away;
	return { ...lens, away: [ax + x, ay + y, az + z] };
}

/** A step in the plane as a turned lens has it. */
function seenFrom(
	[ax, ay, az]: readonly [number, number, number],
	x: number,
	y: number
): [number, number, number] {
	const angle = Math.hypot(ax, ay, az) || 1;
	const [kx, ky, kz] = [ax / angle, ay / angle, az / angle];
	const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
	const along = (kx * x + ky * y) * (1 - cos);
	return [
		x * cos - kz * y * sin + kx * along,
		y * cos + kz * x * sin + ky * along,
		(kx * y - ky * x) * sin + kz * along
	];
}
