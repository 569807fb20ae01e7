import { expect } from 'chai';
import fc from 'fast-check';
import { before, seenFrom, type Eye } from './camera.ts';
import { inverseMap, mapPoint, rectToQuad, type Quad } from './homography.ts';
import type { Point } from './line.ts';

const size = { width: 900, height: 2000 };
const corners: Quad = [
	{ x: 0, y: 0 },
	{ x: 900, y: 0 },
	{ x: 900, y: 2000 },
	{ x: 0, y: 2000 }
];
const mapped = (quad: Quad, point: Point) => {
	const map = rectToQuad(size, quad);
	if (!map.ok) throw new Error(map.error.message);
	return mapPoint(map.value, point)!;
};
/** Where two lines cross, each through two points. */
function crossing(a: Point, b: Point, c: Point, d: Point): Point {
	const t =
		((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) /
		((b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x));
	return { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) };
}

describe('a map back', () => {
	it('takes every place to where it came from', () => {
		const off = fc.double({ min: -150, max: 150, noNaN: true });
		const quads = fc.array(off, { minLength: 8, maxLength: 8 }).map(
			(by) =>
				corners.map(({ x, y }, index) => ({
					x: x + by[2 * index]!,
					y: y + by[2 * index + 1]!
				})) as unknown as Quad
		);
		fc.assert(
			fc.property(quads, fc.nat(900), fc.nat(2000), (quad, x, y) => {
				const map = rectToQuad(size, quad);
				if (!map.ok) return;
				const back = mapPoint(inverseMap(map.value)!, mapPoint(map.value, { x, y })!)!;
				expect(back.x).closeTo(x, 1e-6);
				expect(back.y).closeTo(y, 1e-6);
			})
		);
		expect(inverseMap({ a: 1, b: 2, c: 0, d: 2, e: 4, f: 0, g: 0, h: 0 })).equal(null);
	});
});

describe('a rectangle seen in a photo', () => {
	it('has its corners where they were marked, and its middle where the diagonals cross', () => {
		const shift = fc.integer({ min: -150, max: 150 });
		fc.assert(
			fc.property(fc.array(shift, { minLength: 8, maxLength: 8 }), (by) => {
				const quad = corners.map(({ x, y }, index) => ({
					x: x / 2 + by[2 * index]!,
					y: y / 2 + by[2 * index + 1]!
				})) as unknown as Quad;
				for (const [index, corner] of corners.entries()) {
					const { x, y } = mapped(quad, corner);
					expect(x).closeTo(quad[index]!.x, 1e-6);
					expect(y).closeTo(quad[index]!.y, 1e-6);
				}
				// A projective map keeps straight lines, so also where two of them cross.
				const middle = crossing(quad[0], quad[2], quad[1], quad[3]);
				const { x, y } = mapped(quad, { x: 450, y: 1000 });
				expect(x).closeTo(middle.x, 1e-6);
				expect(y).closeTo(middle.y, 1e-6);
			})
		);
	});

	it('is what a camera of known place sees', () => {
		// Another way round: corners and a test point seen by the eye; the map must take the point to where the eye has it.
		const eye: Eye = { x: -600, y: 1500, z: 2500, towards: 700 };
		const see = ({ x, y }: Point) => {
			const seen = seenFrom(eye, { x, y: 2000 - y, z: 0 })!;
			return { x: 1000 * seen.x, y: -1000 * seen.y };
		};
		const quad = corners.map(see) as unknown as Quad;
		for (const point of [
			{ x: 100, y: 300 },
			{ x: 777, y: 1812 }
		]) {
			expect(mapped(quad, point).x).closeTo(see(point).x, 1e-6);
			expect(mapped(quad, point).y).closeTo(see(point).y, 1e-6);
		}
	});

	it('is refused when the corners cross, turn back or lie in line', () => {
		const [a, b, c, d] = corners;
		const code = (quad: Quad) => {
			const map = rectToQuad(size, quad);
			return map.ok ? 'fine' : map.error.code;
		};
		expect(code([a, b, c, d])).equal('fine');
		expect(code([a, c, b, d])).equal('not-convex');
		expect(code([a, b, { x: 300, y: 300 }, d])).equal('not-convex');
		expect(code([a, b, { x: 450, y: 1000 }, d])).equal('not-convex');
	});
});

describe('an eye before a wall', () => {
	const straight: Eye = { x: 2000, y: 1500, z: 3000, towards: 2000 };

	it('sees by similar triangles when it looks straight at it', () => {
		expect(seenFrom(straight, { x: 2900, y: 1800, z: 0 })).deep.equal({ x: 0.3, y: 0.1 });
		expect(seenFrom(straight, { x: 2900, y: 1500, z: 1500 })!.x).closeTo(0.6, 1e-12);
	});

	it('sees what it is turned to in the middle, and nothing behind it', () => {
		const aside: Eye = { ...straight, towards: 5000 };
		expect(seenFrom(aside, { x: 5000, y: 1500, z: 0 })!.x).closeTo(0, 1e-12);
		// Turned by 45°: what lies 45° left of straight at the wall is 90° aside.
		expect(seenFrom(aside, { x: -1000, y: 1500, z: 0 })).equal(null);
		const { from, to } = before(aside, -3000, 6000);
		expect(seenFrom(aside, { x: from + 1, y: 0, z: 0 })).not.equal(null);
		expect(seenFrom(aside, { x: from - 1, y: 0, z: 0 })).equal(null);
		expect(to).equal(6000);
		expect(before(straight, 0, 4000)).deep.equal({ from: 0, to: 4000 });
	});
});
