import { inverseMap, mapPoint, type Homography } from '../core/index.ts';

/** Pixels as a canvas has them: red, green, blue and alpha of each, row by row. */
export interface Pixels {
	data: Uint8ClampedArray;
	width: number;
	height: number;
}

/**
 * Draws a flat picture into a photo, in place: each pixel of the photo asks the map where it comes from, and takes what lies
 * there between its four neighbours, as far as it is not transparent.
 *
 * @param map takes a place in the flat picture to its place in the photo, px.
 */
export function warpInto(photo: Pixels, flat: Pixels, map: Homography): void {
	const back = inverseMap(map);
	const corners = [
		[0, 0],
		[flat.width, 0],
		[flat.width, flat.height],
		[0, flat.height]
	].flatMap(([x, y]) => mapPoint(map, { x: x!, y: y! }) ?? []);
	if (!back || corners.length < 4) return;
	const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
	const end = (most: number, value: number) => Math.min(Math.max(Math.ceil(value), 0), most);
	for (let y = end(photo.height, Math.min(...ys)); y < end(photo.height, Math.max(...ys)); y++)
		for (let x = end(photo.width, Math.min(...xs)); x < end(photo.width, Math.max(...xs)); x++) {
			const from = mapPoint(back, { x: x + 0.5, y: y + 0.5 });
			if (from) blend(photo, 4 * (y * photo.width + x), flat, from.x - 0.5, from.y - 0.5);
		}
}

function blend(photo: Pixels, at: number, flat: Pixels, x: number, y: number): void {
	const [left, top] = [Math.floor(x), Math.floor(y)];
	let [red, green, blue, alpha] = [0, 0, 0, 0];
	for (const [dx, dy] of NEIGHBOURS) {
		const [px, py] = [left + dx, top + dy];
		if (px < 0 || py < 0 || px >= flat.width || py >= flat.height) continue;
		const from = 4 * (py * flat.width + px);
		const share = (1 - Math.abs(x - px)) * (1 - Math.abs(y - py)) * (flat.data[from + 3]! / 255);
		red += share * flat.data[from]!;
		green += share * flat.data[from + 1]!;
		blue += share * flat.data[from + 2]!;
		alpha += share;
	}
	if (alpha === 0) return;
	photo.data[at] = red + (1 - alpha) * photo.data[at]!;
	photo.data[at + 1] = green + (1 - alpha) * photo.data[at + 1]!;
	photo.data[at + 2] = blue + (1 - alpha) * photo.data[at + 2]!;
}

const NEIGHBOURS = [
	[0, 0],
	[1, 0],
	[0, 1],
	[1, 1]
] as const;
