import { expect } from 'chai';
import { mapPoint, rectToQuad, type Quad } from '../core/index.ts';
import { warpInto, type Pixels } from './warp.ts';

const pixels = (
	width: number,
	height: number,
	of: (x: number, y: number) => [number, number, number, number]
): Pixels => ({
	width,
	height,
	data: Uint8ClampedArray.from(
		Array.from({ length: width * height }, (_, index) =>
			of(index % width, Math.floor(index / width))
		).flat()
	)
});
const at = ({ data, width }: Pixels, x: number, y: number) => [
	...data.slice(4 * (y * width + x), 4 * (y * width + x) + 3)
];
const GREY = (): [number, number, number, number] => [90, 90, 90, 255];

describe('a picture drawn into a photo', () => {
	it('is laid as it is where the map leaves it as it is', () => {
		const flat = pixels(4, 3, (x, y) => [10 * x, 20 * y, 5, 255]);
		const photo = pixels(8, 6, GREY);
		warpInto(photo, flat, { a: 1, b: 0, c: 2, d: 0, e: 1, f: 1, g: 0, h: 0 });
		for (const [x, y] of [
			[0, 0],
			[3, 2],
			[1, 1]
		] as const)
			expect(at(photo, x + 2, y + 1)).deep.equal([10 * x, 20 * y, 5]);
		expect(at(photo, 7, 5)).deep.equal([90, 90, 90]);
	});

	it('lands where the map takes it, in perspective', () => {
		// A red square in the middle of a flat of 40 by 30, seen at a slant.
		const quad: Quad = [
			{ x: 10, y: 12 },
			{ x: 90, y: 4 },
			{ x: 86, y: 70 },
			{ x: 14, y: 58 }
		];
		const map = rectToQuad({ width: 40, height: 30 }, quad);
		if (!map.ok) throw new Error(map.error.message);
		const red = (x: number, y: number) => x >= 16 && x < 24 && y >= 11 && y < 19;
		const flat = pixels(40, 30, (x, y) => [255, 0, 0, red(x, y) ? 255 : 0]);
		const photo = pixels(100, 80, GREY);
		warpInto(photo, flat, map.value);
		for (const [x, y, isRed] of [
			[20, 15, true],
			[17.5, 12.5, true],
			[22.5, 17.5, true],
			[13, 15, false],
			[20, 8, false]
		] as const) {
			const there = mapPoint(map.value, { x, y })!;
			expect(at(photo, Math.floor(there.x), Math.floor(there.y)), `${x} ${y}`).deep.equal(
				isRed ? [255, 0, 0] : [90, 90, 90]
			);
		}
	});

	it('lets what is behind half clear show through, and does nothing behind the horizon', () => {
		const flat = pixels(4, 4, () => [200, 0, 0, 128]);
		const photo = pixels(4, 4, () => [0, 0, 200, 255]);
		warpInto(photo, flat, { a: 1, b: 0, c: 0, d: 0, e: 1, f: 0, g: 0, h: 0 });
		const [red, , blue] = at(photo, 1, 1);
		expect(red).closeTo(100, 1);
		expect(blue).closeTo(100, 1);
		const before = [...photo.data];
		warpInto(photo, flat, { a: 1, b: 0, c: 0, d: 0, e: 1, f: 0, g: -1, h: 0 });
		expect([...photo.data]).deep.equal(before);
	});
});
