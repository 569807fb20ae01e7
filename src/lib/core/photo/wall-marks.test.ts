import { expect } from 'chai';
import type { Quad } from '../base/geometry/homography.ts';
import { seenBy, type Lens } from './lens.ts';
import { readPhoto } from './read-photo.ts';
import { sheetAt } from './sheets.ts';
import type { Taped } from './taped.ts';
import {
	outlineOf,
	featureMarks,
	figuresOfFeature,
	figuresOfWall,
	knownOfWall,
	seenWall,
	WALL_CORNERS,
	wallAsKnown
} from './wall-marks.ts';

const SIZE = { width: 4000, height: 3000 };
/** Before the middle of a wall of 4000 by 2500, 4.6 m away, at a slant. */
const LENS: Lens = {
	...{ turn: [0.08, -0.2, 0.01], away: [-1960, -1210, 4750] },
	...{ length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
};
const at = (x: number, y: number) => seenBy(LENS, SIZE, { x, y, z: 0 })!;
const OUTLINE = [at(0, 0), at(4000, 0), at(4000, 2500), at(0, 2500)] as const;
/** A window 2600 from the left, 900 above the floor, 1000 by 1200. */
const WINDOW = { upper: at(2600, 400), lower: at(3600, 1600) };
const SHEET = [at(1700, 900), at(1910, 900), at(1910, 1197), at(1700, 1197)] as unknown as Quad;
const EDGES = [0, 1, 2, 3].flatMap((side) =>
	[0.2, 0.5, 0.8].map((share) => {
		const corners = [
			[0, 0],
			[4000, 0],
			[4000, 2500],
			[0, 2500]
		] as const;
		const [[x0, y0], [x1, y1]] = [corners[side]!, corners[(side + 1) % 4]!];
		return { side, share, at: at(x0 + (x1 - x0) * share, y0 + (y1 - y0) * share) };
	})
);

function survey(taped: { width?: Taped; height?: Taped }, withSheet = true) {
	const [upper, lower] = featureMarks('w');
	const corners = Object.fromEntries(WALL_CORNERS.map((id, index) => [id, OUTLINE[index]!]));
	const marks = seenWall(SIZE, { ...corners, [upper]: WINDOW.upper, [lower]: WINDOW.lower });
	const rectangle = withSheet
		? sheetAt('a4', SHEET)
		: wallAsKnown(SIZE, OUTLINE, { width: 3500, height: 2700 }, taped);
	const reading = readPhoto(SIZE, rectangle, marks, knownOfWall(EDGES, taped));
	if (!reading.ok) throw new Error(reading.error.message);
	return reading.value;
}
const WIDTH = { length: 4000, sd: 1 };
const HEIGHT = { length: 2500, sd: 1 };

describe('a wall in a photo', () => {
	it('gives a thing on it from the left end and above the floor', () => {
		const { x, y, width, height } = figuresOfFeature(survey({ width: WIDTH, height: HEIGHT }), 'w');
		expect(x.value).closeTo(2600, 3);
		expect(y.value).closeTo(900, 3);
		expect(width.value).closeTo(1000, 3);
		expect(height.value).closeTo(1200, 3);
		for (const { sd } of [x, y, width, height]) expect(sd).within(0.3, 7);
	});

	it('needs no sheet where two sides were taped, and one side tells the other, less surely', () => {
		const both = survey({ width: WIDTH, height: HEIGHT }, false);
		expect(figuresOfFeature(both, 'w').x.value).closeTo(2600, 4);
		const one = figuresOfWall(survey({ width: WIDTH }, false));
		expect(Math.abs(one.height.value - 2500)).lessThan(2 * one.height.sd);
		expect(one.height.sd).greaterThan(5 * figuresOfWall(both).height.sd);
	});

	it('by a sheet alone is unsure, and says so', () => {
		const { width } = figuresOfWall(survey({}));
		expect(Math.abs(width.value - 4000)).lessThan(2 * width.sd);
		expect(width.sd).greaterThan(8);
	});

	it('the box of a thing stands upright on the floor', () => {
		const reading = survey({ width: WIDTH, height: HEIGHT });
		const [a, b, c, d] = outlineOf(reading, featureMarks('w'));
		expect(b!.x - a!.x).closeTo(1000, 4);
		expect(c!.y - b!.y).closeTo(1200, 4);
		expect(d!.x - a!.x).closeTo(0, 4);
	});
});
