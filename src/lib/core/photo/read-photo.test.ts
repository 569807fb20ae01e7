import { expect } from 'chai';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { normalDraw, seeded } from '../base/random.ts';
import type { Point } from '../base/geometry/line.ts';
import type { Quad } from '../base/geometry/homography.ts';
import { leastSquares } from './least-squares.ts';
import { seenBy, slantOf, type Lens } from './lens.ts';
import { readPhoto, type Known, type KnownRectangle, type SeenMark } from './read-photo.ts';

const SIZE = { width: 3000, height: 4000 };
const STRAIGHT: Lens = {
	...{ turn: [0, 0, 0], away: [0, 0, 1100], length: 1.2, off: { x: 0, y: 0 }, bend: 0 }
};
const SLANTED: Lens = { ...STRAIGHT, turn: [0.2, -0.25, 0.03], length: 1.3, bend: 0.01 };
/** A frame of 600 by 800 round the middle of the photo, its rings, and where an A4 sheet lies on it; mm. */
const PLACES = {
	...{ a: { x: -300, y: -400 }, b: { x: 300, y: -400 }, c: { x: 300, y: 400 } },
	...{ d: { x: -300, y: 400 }, left: { x: -220, y: -190 }, right: { x: 225, y: -185 } }
};
const SHEET: Quad = [
	{ x: -100, y: -90 },
	{ x: 110, y: -90 },
	{ x: 110, y: 207 },
	{ x: -100, y: 207 }
];
const SQUARE: Known[] = (['dab', 'abc', 'bcd', 'cda'] as const).map((names) => ({
	square: [...names] as unknown as [string, string, string],
	sd: 0.15
}));

interface Off {
	corner: number;
	mark: number;
}
const EXACT: Off = { corner: 0, mark: 0 };

/** What a lens sees of the frame and the sheet, each put down a little off. */
function seen(lens: Lens, off: Off, random = seeded(1)) {
	const at = ({ x, y }: Point, sd: number): Point => {
		const there = seenBy(lens, SIZE, { x, y, z: 0 })!;
		return { x: there.x + normalDraw(random, sd), y: there.y + normalDraw(random, sd) };
	};
	const rectangle: KnownRectangle = {
		...{ width: 210, height: 297, widthSd: 0.01, heightSd: 0.01, outSd: 0.01 },
		corners: SHEET.map((each) => at(each, off.corner)) as unknown as Quad,
		cornerSd: Math.max(off.corner, 0.2)
	};
	const marks: SeenMark[] = Object.entries(PLACES).map(([id, place]) => ({
		...{ id, at: at(place, off.mark), sd: Math.max(off.mark, 0.2), sdMm: 0 }
	}));
	return { rectangle, marks };
}

const apart = (from: string, to: string) => (places: ReadonlyMap<string, Point>) => {
	const [a, b] = [places.get(from)!, places.get(to)!];
	return Math.hypot(b.x - a.x, b.y - a.y);
};

describe('the lens', () => {
	it('sees a pinhole’s image: 1100 mm away, 1.2 half diagonals long', () => {
		// Similar triangles: 100 mm at 1100 mm are 1.2 × 2500 px × 100/1100 = 272.7 px.
		const { x, y } = seenBy(STRAIGHT, SIZE, { x: 100, y: 0, z: 0 })!;
		expect(x).closeTo(1500 + 272.727, 0.001);
		expect(y).closeTo(2000, 0.001);
		// What lies 100 mm before the plane is nearer: 1.2 × 2500 × 100/1000.
		expect(seenBy(STRAIGHT, SIZE, { x: 100, y: 0, z: 100 })!.x).closeTo(1800, 0.001);
		expect(seenBy(STRAIGHT, SIZE, { x: 0, y: 0, z: 1200 })).equal(null);
	});

	it('bends by the cube of the distance from the middle', () => {
		const bent = seenBy({ ...STRAIGHT, bend: 0.02 }, SIZE, { x: 100, y: 0, z: 0 })!;
		const share = 272.727 / 2500;
		expect(bent.x).closeTo(1500 + 272.727 * (1 + 0.02 * share ** 2), 0.001);
	});

	it('knows how far it is from straight on', () => {
		expect(slantOf(STRAIGHT)).closeTo(0, 1e-9);
		expect(slantOf({ ...STRAIGHT, turn: [0, Math.PI / 6, 0] })).closeTo(30, 1e-9);
		// A turn about its own axis is no slant.
		expect(slantOf({ ...STRAIGHT, turn: [0, 0, 0.5] })).closeTo(0, 1e-6);
	});
});

describe('readPhoto', () => {
	it('gives back what an exact photo shows, at a slant too', () => {
		for (const lens of [STRAIGHT, { ...STRAIGHT, turn: [0.2, -0.25, 0.03] } as Lens]) {
			const { rectangle, marks } = seen(lens, EXACT);
			const reading = readPhoto(SIZE, rectangle, marks, SQUARE);
			if (!reading.ok) throw new Error(reading.error.message);
			const { figure, slant } = reading.value;
			expect(figure(apart('a', 'b')).value).closeTo(600, 0.3);
			expect(figure(apart('a', 'd')).value).closeTo(800, 0.4);
			expect(figure(apart('left', 'right')).value).closeTo(Math.hypot(445, 5), 0.3);
			expect(slant).closeTo(slantOf(lens), 1);
		}
	});

	it('holds what it says nine times in ten', function () {
		this.timeout(60_000);
		const random = seeded(7);
		let [held, all] = [0, 0];
		for (let draw = 0; draw < 60; draw++) {
			const lens: Lens = {
				...STRAIGHT,
				turn: [normalDraw(random, 0.2), normalDraw(random, 0.2), normalDraw(random, 0.05)],
				length: 1.2 * Math.exp(normalDraw(random, 0.2)),
				bend: normalDraw(random, 0.02)
			};
			const { rectangle, marks } = seen(lens, { corner: 0.5, mark: 1.5 }, random);
			const reading = readPhoto(SIZE, rectangle, marks, SQUARE);
			if (!reading.ok) continue;
			for (const [from, to, length] of [
				['a', 'b', 600],
				['a', 'd', 800],
				['left', 'right', Math.hypot(445, 5)]
			] as const) {
				const { value, sd } = reading.value.figure(apart(from, to));
				all++;
				if (Math.abs(value - length) <= 1.645 * sd) held++;
			}
		}
		expect(all).greaterThan(150);
		// 90 % of 180, and three standard deviations of that share.
		expect(held / all).within(0.82, 0.98);
	});

	it('is surer by a tape laid on one side', () => {
		const { rectangle, marks } = seen(SLANTED, { corner: 0.5, mark: 1.5 });
		const loose = { ...rectangle, outSd: 3 };
		const taped: Known = { tape: [['a', 'b']], length: 600, sd: 0.5 };
		const [without, with_] = [SQUARE, [...SQUARE, taped]].map((known) => {
			const reading = readPhoto(SIZE, loose, marks, known);
			if (!reading.ok) throw new Error(reading.error.message);
			return reading.value.figure(apart('a', 'd')).sd;
		});
		expect(with_).lessThan(without! * 0.8);
	});

	it('straightens a bent lens by an edge that is straight', () => {
		const lens = { ...SLANTED, bend: 0.03 };
		const { rectangle, marks } = seen(lens, { corner: 0.2, mark: 0.5 });
		const edges: Known[] = [0.2, 0.5, 0.8].map((share) => ({
			edge: ['a', 'b'] as const,
			...{ share, sd: 0.3, bowSd: 0.3 },
			at: seenBy(lens, SIZE, { x: -300 + 600 * share, y: -400, z: 0 })!
		}));
		const bends = [SQUARE, [...SQUARE, ...edges]].map((known) => {
			const reading = readPhoto(SIZE, rectangle, marks, known);
			if (!reading.ok) throw new Error(reading.error.message);
			return reading.value;
		});
		expect(Math.abs(bends[1]!.lens.bend - 0.03)).lessThan(Math.abs(bends[0]!.lens.bend - 0.03));
		expect(bends[1]!.figure(apart('a', 'b')).sd).lessThan(bends[0]!.figure(apart('a', 'b')).sd);
	});

	it('does not take a bowed side for a bent lens', () => {
		const { rectangle, marks } = seen(SLANTED, { corner: 0.2, mark: 0.5 });
		const bow = 2;
		const read = (bowSd: number) => {
			const edges: Known[] = [0.2, 0.35, 0.5, 0.65, 0.8].map((share) => {
				const spot = { x: -300 + 600 * share, y: -400 - 4 * bow * share * (1 - share), z: 0 };
				return {
					edge: ['a', 'b'] as const,
					...{ share, sd: 0.3, bowSd, at: seenBy(SLANTED, SIZE, spot)! }
				};
			});
			const reading = readPhoto(SIZE, rectangle, marks, [...SQUARE, ...edges]);
			if (!reading.ok) throw new Error(reading.error.message);
			return reading.value;
		};
		const off = (bowSd: number) => {
			const { value, sd } = read(bowSd).figure(apart('a', 'd'));
			return { miss: Math.abs(value - 800), sd };
		};
		const [straight, bowed] = [off(0.01), off(2)];
		expect(straight.miss).greaterThan(5 * straight.sd);
		expect(bowed.miss).lessThan(bowed.sd);
		expect(bowed.miss).lessThan(straight.miss / 4);
	});

	it('says why it cannot: another sheet, a photo from the side, crossed corners', () => {
		const code = (lens: Lens, rectangle: Partial<KnownRectangle>) => {
			const { rectangle: sheet, marks } = seen(lens, EXACT);
			const reading = readPhoto(SIZE, { ...sheet, ...rectangle }, marks, SQUARE);
			return reading.ok ? 'ok' : reading.error.code;
		};
		expect(code(STRAIGHT, { height: 279.4, width: 215.9 })).equal('no-fit');
		expect(code({ ...STRAIGHT, turn: [0.8, 0, 0] }, {})).equal('too-slanted');
		const [a, b, c, d] = seen(STRAIGHT, EXACT).rectangle.corners;
		expect(code(STRAIGHT, { corners: [a, c, b, d] })).equal('not-convex');
	});

	it('takes the length of the lens from the camera’s note', () => {
		const long = { ...STRAIGHT, length: 2.4, away: [0, 0, 2200] as const };
		const { rectangle, marks } = seen(long, EXACT);
		const reading = readPhoto(SIZE, rectangle, marks, SQUARE, 2.4 * 21.633);
		if (!reading.ok) throw new Error(reading.error.message);
		expect(reading.value.lens.length).closeTo(2.4, 0.1);
		expect(reading.value.figure(apart('a', 'd')).value).closeTo(800, 0.4);
	});
});

describe('leastSquares', () => {
	it('ends where a general-purpose library ends: a homography and a bend through nine points', () => {
		const plane = [-1, 0, 1].flatMap((x) => [-1, 0, 1].map((y) => ({ x, y })));
		const random = seeded(3);
		const project = (
			[a, b, c, d, e, f, g, h, k]: readonly number[],
			{ x, y }: Point
		): [number, number] => {
			const scale = g! * x + h! * y + 1;
			const [u, v] = [(a! * x + b! * y + c!) / scale, (d! * x + e! * y + f!) / scale];
			const bent = 1 + k! * (u * u + v * v);
			return [u * bent, v * bent];
		};
		const truth = [0.5, 0.02, 0.1, -0.03, 0.6, -0.05, 0.08, -0.04, 0.02];
		const points = plane.flatMap((at) =>
			project(truth, at).map((value) => value + normalDraw(random, 0.001))
		);
		const start = [0.5, 0, 0, 0, 0.5, 0, 0, 0, 0];
		const own = leastSquares(
			(at) => plane.flatMap((place) => project(at, place)).map((v, i) => (v - points[i]!) / 0.001),
			start,
			start.map(() => 0.05)
		)!;
		const library = levenbergMarquardt(
			{ x: points.map((_, index) => index), y: points },
			(parameters) => (index) => project(parameters, plane[Math.floor(index / 2)]!)[index % 2]!,
			{ initialValues: start, maxIterations: 500, damping: 0.01, errorTolerance: 1e-12 }
		);
		for (const [index, value] of library.parameterValues.entries())
			expect(own.at[index]).closeTo(value, 1e-4);
		// Eighteen values less nine figures: the sum of squares is about nine.
		expect(own.cost).within(2, 22);
		for (const [index, value] of truth.entries())
			expect(Math.abs(own.at[index]! - value)).lessThan(
				4 * Math.sqrt(own.covariance.get(index, index))
			);
	});
});
