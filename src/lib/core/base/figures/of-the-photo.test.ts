import { expect } from 'chai';
import { startPiece } from '../../model/start.ts';
import { figuresOfBack, knownOfBack, seenBack } from '../../photo/back-marks.ts';
import { seenBy, type Lens } from '../../photo/lens.ts';
import { placed } from '../../photo/placed.ts';
import { readPhoto, type Known, type PhotoReading } from '../../photo/read-photo.ts';
import { sheetAt, type KnownSheetName } from '../../photo/sheets.ts';
import { knownOfWall, seenWall, wallAsKnown } from '../../photo/wall-marks.ts';
import type { Quad } from '../geometry/homography.ts';
import { NINE_IN_TEN } from './readings.ts';
import * as photo from './photo.ts';

const SIZE = { width: 3000, height: 4000 };
const LENS: Lens = {
	...{ turn: [0, 0, 0], away: [0, 0, 1200], length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
};

interface Taken {
	lens?: Partial<Lens>;
	size?: typeof SIZE;
	focal?: number | null;
	known?: readonly Known[];
}

/** A frame of 600 by 800 with an A4 sheet in its middle, as it is read. */
function read({ lens = {}, size = SIZE, focal = null, known = knownOfBack([], {}) }: Taken = {}) {
	const at = (x: number, y: number) => seenBy({ ...LENS, ...lens }, size, { x, y, z: 0 })!;
	const corners = {
		...{ 'top-left': at(-300, -400), 'top-right': at(300, -400) },
		...{ 'bottom-right': at(300, 400), 'bottom-left': at(-300, 400) }
	};
	const sheet = [at(-105, -148), at(105, -148), at(105, 149), at(-105, 149)] as unknown as Quad;
	return readPhoto(size, sheetAt('a4', sheet), seenBack(size, corners, []), known, focal);
}
const ok = (taken?: Taken): PhotoReading => {
	const reading = read(taken);
	if (!reading.ok) throw new Error(reading.error.message);
	return reading.value;
};
const CORNERS = [
	{ x: 1000, y: 1000 },
	{ x: 1210, y: 1000 },
	{ x: 1210, y: 1297 },
	{ x: 1000, y: 1297 }
] as const;
const sheet = (name: KnownSheetName) => sheetAt(name, CORNERS);
const mark = seenBack(
	SIZE,
	{
		...{ 'top-left': CORNERS[0], 'top-right': CORNERS[1] },
		...{ 'bottom-right': CORNERS[2], 'bottom-left': CORNERS[3] },
		'left-ring': CORNERS[0]
	},
	[]
).at(-1)!;
/** Lens of a phone held 2 m away, twice as long: without a note it is taken for a usual one nearer by. */
const LONG = { length: 2.4, away: [0, 0, 2400] as const };

/** What each figure decides; a figure without its check does not compile. */
const BOUNDARIES: { readonly [Name in keyof typeof photo]: () => void } = {
	// 26 mm on half the diagonal of a frame of 36 by 24 mm.
	LENS_LENGTH: () => expect(photo.LENS_LENGTH).closeTo(26 / 21.63, 0.005),
	LENS_LENGTH_SHARE: () => {
		// Straight on nothing tells the length: what is fitted stays at the usual one.
		expect(ok({ lens: LONG }).lens.length).closeTo(photo.LENS_LENGTH, 0.35);
	},
	NOTED_LENGTH_SHARE: () =>
		expect(ok({ lens: LONG, focal: 2.4 * 21.633 }).lens.length).closeTo(2.4, 0.05),
	LENS_BEND: () => {
		// A bend of two standard deviations shows in edges that are straight.
		const lens = { bend: 2 * photo.LENS_BEND };
		const edges = [0.15, 0.5, 0.85].map((share) => {
			const at = seenBy({ ...LENS, ...lens }, SIZE, { x: -300 + 600 * share, y: -400, z: 0 })!;
			return { from: 'top-left' as const, share, at };
		});
		expect(ok({ lens, known: knownOfBack(edges, {}) }).lens.bend).within(0.02, 0.05);
	},
	LENS_OFF_MIDDLE: () => {
		const { off } = ok({ lens: { off: { x: 0.01, y: 0 } } }).lens;
		expect(Math.abs(off.x)).below(3 * photo.LENS_OFF_MIDDLE);
	},
	CUT_OFF_MIDDLE: () => {
		// Cut on one side: what was the middle is 300 px aside.
		const cut = { width: 2400, height: 4000 };
		expect(read({ size: cut, lens: { off: { x: 0.12, y: 0 } } }).ok).equal(true);
	},
	CAMERA_SHAPES: () => expect(photo.CAMERA_SHAPES).include(4 / 3),
	FOUND_CORNER_PX: () => expect(sheet('a4').cornerSd).equal(0.25),
	FOUND_EDGE_PX: () => {
		const [edge] = knownOfBack([{ from: 'top-left', share: 0.5, at: CORNERS[0] }], {}).slice(4);
		expect(edge).deep.include({ edge: ['top-left', 'top-right'], sd: 0.5 });
	},
	FRAME_BOW_MM: () => {
		const [edge] = knownOfBack([{ from: 'top-left', share: 0.5, at: CORNERS[0] }], {}).slice(4);
		expect(edge).deep.include({ bowSd: 0.6 });
	},
	HOUSE_BOW_MM: () => {
		const [edge] = knownOfWall([{ side: 0, share: 0.5, at: CORNERS[0] }], {}).slice(3);
		expect(edge).deep.include({ bowSd: 3 });
	},
	PLACED_MARK_PX: () => {
		expect(placed(SIZE, 'a', CORNERS[0]).sd).equal(1);
		expect(placed({ width: 6000, height: 8000 }, 'a', CORNERS[0]).sd).equal(2);
		// However few pixels a photo has, a hand is no better than half of one.
		expect(placed({ width: 600, height: 800 }, 'a', CORNERS[0]).sd).equal(0.5);
	},
	PLACED_MARK_MM: () => expect(placed(SIZE, 'a', CORNERS[0]).sdMm).equal(0.3),
	PLACED_ON_WALL_MM: () => expect(seenWall(SIZE, { a: CORNERS[0] })[0]!.sdMm).equal(0.7),
	SHEET_OUT_MM: () => expect(sheet('letter').outSd).equal(2),
	HARDWARE_OUT_MM: () => expect(mark.out?.mm).equal(4),
	HARDWARE_OUT_SD_MM: () => expect(mark.out?.sd).equal(1.5),
	PAPER_SHARE: () => expect(sheet('a4').heightSd).closeTo(0.0007 * 297, 1e-9),
	CARD_SHARE: () => expect(sheet('card').widthSd).closeTo(0.0008 * 53.98, 1e-9),
	PRINTER_SHARE: () => expect(sheet('rings').heightSd).closeTo(0.0015 * 200, 1e-9),
	FRAME_SQUARE_DEGREES: () => expect(knownOfBack([], {})[0]).deep.include({ sd: 0.15 }),
	HOUSE_SQUARE_DEGREES: () => expect(knownOfWall([], {})[0]).deep.include({ sd: 0.25 }),
	UNKNOWN_SIDE_SHARE: () => {
		const known = wallAsKnown(SIZE, CORNERS, { width: 4000, height: 2500 }, {});
		expect([known.widthSd, known.heightSd]).deep.equal([1200, 750]);
	},
	TOO_SLANTED_DEGREES: () => {
		const slanted = (degrees: number) => {
			const reading = read({ lens: { turn: [0, (degrees * Math.PI) / 180, 0] }, focal: 25.96 });
			return reading.ok ? 'ok' : reading.error.code;
		};
		expect([slanted(38), slanted(42)]).deep.equal(['ok', 'too-slanted']);
	},
	BETTER_TAPED_MM: () => {
		const piece = startPiece(() => 'p', [], { width: 600, height: 800 });
		const poor = (sd: number) => {
			const figure = () => ({ value: 1, sd });
			return figuresOfBack(piece, { ...ok(), figure })[0]!.poor;
		};
		expect([poor(4.99 / NINE_IN_TEN), poor(5.01 / NINE_IN_TEN)]).deep.equal([false, true]);
	}
};

describe('the figure of a photo', () => {
	for (const [name, decides] of Object.entries(BOUNDARIES))
		it(`${name} decides where it says`, decides);
});
