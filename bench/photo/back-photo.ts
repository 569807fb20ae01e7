import { normalDraw, seeded, seenBy, type Lens, type PhotoSize } from '../../src/lib/core/index.ts';
import { RING_CARD } from '../../src/lib/core/base/ring-card.ts';
import { sheetLayers, type LaidSheet } from './laid-sheet.ts';
import { CLEAR, renderPhoto, type Layer } from './render.ts';
import { depthIn, madeByHand, type Outline } from './outline.ts';
import { cord, grained, ring, within } from './scenes.ts';

/** What is before the camera: a back, and a sheet laid on it; mm from the middle of the back, as the photo shows it. */
export interface BackScene {
	width: number;
	height: number;
	outline: Outline;
	/** Inside of the left and right ring, and the top of the wire as it is pulled. */
	rings: readonly [{ x: number; y: number }, { x: number; y: number }];
	wireTop: { x: number; y: number };
	sheet: LaidSheet;
	/** How far rings and wire lie before the back. */
	hardwareOut: number;
}

const MOULDINGS = [0x785434, 0x3a2e28, 0xc4a070, 0x222224] as const;
const BACKINGS = [0xb08c62, 0x968068, 0x78746e, 0xc6b8a0] as const;
const FLOORS = [0x84786e, 0x565c68, 0xaa9680, 0x403c3a] as const;

const pick = <T>(random: () => number, from: readonly T[]): T =>
	from[Math.floor(random() * from.length)]!;

function layersOf(scene: BackScene, random: () => number): Layer[] {
	const { outline, rings, wireTop, sheet, hardwareOut: out } = scene;
	const moulding = pick(random, MOULDINGS);
	const rail = 24 + 26 * random();
	const backing = grained(pick(random, BACKINGS), 1 + 1000 * random(), 40, 2, 10);
	const wood = grained(moulding, 1 + 1000 * random(), 3, 90, 14);
	const floor = grained(pick(random, FLOORS), 1 + 1000 * random(), 5, 5, 22);
	const white = Math.round(226 + 24 * random());
	const paper = grained((white << 16) | (white << 8) | (white - 4), 7, 1, 1, 3);
	const depth = depthIn(outline);
	return [
		...sheetLayers(sheet, paper),
		...rings.map((at) => ring(out, { x: at.x, y: at.y + 8 }, 9.5, 7.5, 0xbebebc)),
		...rings.map((at) => cord(out - 1, at, wireTop, 1.6, 0xcdcdcd)),
		...rings.map((at) =>
			within(1, [at.x - 6, at.y + 14, at.x + 6, at.y + 44], grained(0xa8a6a0, 3, 2, 2, 8))
		),
		{
			z: 0,
			paint: (x, y) => {
				const inside = depth(x, y);
				return inside < 0 ? CLEAR : (inside < rail ? wood : backing)(x, y);
			}
		},
		{ z: -25, paint: floor }
	];
}

export interface TakenPhoto {
	photo: { data: Uint8ClampedArray; width: number; height: number };
	lens: Lens;
	/** Where a place of the scene lies in the photo, px. */
	at(x: number, y: number, out?: number): { x: number; y: number };
}

/** A photo of a back by a hand that holds the phone about straight: up to `slant` degrees off, and a little turned. */
export function photographBack(
	scene: BackScene,
	size: PhotoSize,
	slant: number,
	seed: number
): TakenPhoto {
	const random = seeded(seed);
	const lens = lensBefore(scene, size, slant, random);
	const photo = renderPhoto({
		...{ size, lens, seed: seed + 1, layers: layersOf(scene, random) },
		...{ noise: 2 + 3 * random(), shade: 0.3 * random(), blur: 0.6 + 0.5 * random() }
	});
	return { photo, lens, at: (x, y, out = 0) => seenBy(lens, size, { x, y, z: out })! };
}

/** A lens that has the whole of a thing in sight, with a little room round it. */
export function lensBefore(
	{ width, height }: { width: number; height: number },
	size: PhotoSize,
	slant: number,
	random: () => number
): Lens {
	const tilt = (slant * random() * Math.PI) / 180;
	const towards = 2 * Math.PI * random();
	const length = 1.2 * Math.exp(normalDraw(random, 0.1));
	const half = Math.hypot(size.width, size.height) / 2;
	const room = (1.12 + 0.25 * random()) * (1 + 0.55 * Math.sin(tilt));
	const depth = length * half * room * Math.max(width / size.width, height / size.height);
	const drawn = (sd: number) => normalDraw(random, sd);
	return {
		turn: [tilt * Math.cos(towards), tilt * Math.sin(towards), drawn(0.03)],
		away: [drawn(0.02) * width, drawn(0.02) * height, depth],
		...{ length, off: { x: drawn(0.006), y: drawn(0.006) }, bend: drawn(0.015) }
	};
}

/** How far what a printer prints is off its size, as a share. From memory. */
const PRINTERS_OFF = 0.001;
/** How far frames are off square and straight, mm: a tenth of a degree at a corner of 600 by 800. From memory. */
const FRAMES_OFF = { corner: 0.6, bow: 0.5 };

/** A back as they come, with a sheet, or a printed card, somewhere on it. */
export function anyBack(
	random: () => number,
	width = 600,
	height = 800,
	sheet: 'a4' | 'rings' = 'a4'
): BackScene {
	const drawn = (sd: number) => normalDraw(random, sd);
	const span = width * (0.6 + 0.25 * random());
	const drop = -height / 2 + height * (0.2 + 0.12 * random());
	const a4 = { width: 210 * (1 + drawn(0.0005)), height: 297 * (1 + drawn(0.0005)) };
	return {
		...{ width, height, hardwareOut: 4 + drawn(1.2) },
		rings: [
			{ x: -span / 2 + drawn(1), y: drop + drawn(1.5) },
			{ x: span / 2 + drawn(1), y: drop + drawn(1.5) }
		],
		wireTop: { x: drawn(2), y: drop - 30 - 40 * random() },
		sheet: {
			...a4,
			x: -105 + drawn(width * 0.05),
			y: -height * 0.1 + drawn(height * 0.03),
			turn: drawn(0.05),
			out: Math.max(drawn(1.5), 0.1),
			...(sheet === 'rings' && {
				rings: {
					across: RING_CARD.across * (1 + drawn(PRINTERS_OFF)),
					down: RING_CARD.down * (1 + drawn(PRINTERS_OFF))
				}
			})
		},
		outline: madeByHand([-width / 2, -height / 2, width / 2, height / 2], random, FRAMES_OFF)
	};
}
