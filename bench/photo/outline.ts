import { normalDraw, type Point, type Quad } from '../../src/lib/core/index.ts';

/** Four sides that are about straight and about square, mm: corners clockwise from the upper left, y down. */
export interface Outline {
	corners: Quad;
	/** How far the middle of each side, from the upper edge clockwise, bows outward. */
	bows: readonly [number, number, number, number];
}

/** A rectangle as hands make it: each corner so far off, each side so far bowed, mm, one standard deviation. */
export function madeByHand(
	[x0, y0, x1, y1]: readonly [number, number, number, number],
	random: () => number,
	off: { corner: number; bow: number }
): Outline {
	const beside = (x: number, y: number): Point => ({
		x: x + normalDraw(random, off.corner),
		y: y + normalDraw(random, off.corner)
	});
	const bow = () => normalDraw(random, off.bow);
	return {
		corners: [beside(x0, y0), beside(x1, y0), beside(x1, y1), beside(x0, y1)],
		bows: [bow(), bow(), bow(), bow()]
	};
}

/** How far in from the nearest side a place lies, mm; minus beyond it. */
export function depthIn({ corners, bows }: Outline): (x: number, y: number) => number {
	const sides = corners.map((from, side) => {
		const to = corners[(side + 1) % 4]!;
		const length = Math.hypot(to.x - from.x, to.y - from.y);
		const [dx, dy] = [(to.x - from.x) / length, (to.y - from.y) / length];
		return { ...from, dx, dy, length, bow: bows[side]! };
	});
	return (px, py) => {
		let least = Infinity;
		for (const { x, y, dx, dy, length, bow } of sides) {
			const share = ((px - x) * dx + (py - y) * dy) / length;
			const inside = (py - y) * dx - (px - x) * dy + 4 * bow * share * (1 - share);
			if (inside < least) least = inside;
		}
		return least;
	};
}
