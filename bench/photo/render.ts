import { normalDraw, seeded } from '../../src/lib/core/index.ts';
import type { Lens, PhotoSize } from '../../src/lib/core/index.ts';

/** A colour as 0xrrggbb. */
export type Colour = number;
/** Where a layer shows nothing. */
export const CLEAR = -1;

/** Something flat that lies so many mm before the plane of the picture. */
export interface Layer {
	z: number;
	paint(x: number, y: number): Colour;
}

export interface Rendering {
	size: PhotoSize;
	lens: Lens;
	/** From the front to the back; the last is everywhere. */
	layers: readonly Layer[];
	seed: number;
	/** Standard deviation of a pixel, of 255. */
	noise: number;
	/** The light falls off by this share from one corner to the other. */
	shade: number;
	/** Pixels that a point is spread over by the lens or the hand: standard deviation. */
	blur: number;
}

/** Rays a pixel, at these places in it. */
const RAYS = [
	[0.25, 0.25],
	[0.75, 0.4],
	[0.4, 0.75]
] as const;

/** A photo as a synthetic camera takes it: a pinhole, one radial term, a soft lens, uneven light and noise. */
export function renderPhoto({ size, lens, layers, seed, noise, shade, blur }: Rendering) {
	const { width, height } = size;
	const half = Math.hypot(width, height) / 2;
	const colourAt = colours(lens, layers);
	const random = seeded(seed);
	const grains = Float32Array.from({ length: 4096 }, () => normalDraw(random, noise));
	const sum = new Float32Array(width * height * 3);
	for (let row = 0; row < height; row++)
		for (let column = 0; column < width; column++) {
			const at = 3 * (row * width + column);
			const light = (1 - shade * ((column / width + row / height) / 2)) / RAYS.length;
			for (let ray = 0; ray < RAYS.length; ray++) {
				const bentX = (column + RAYS[ray]![0] - width / 2) / half - lens.off.x;
				const bentY = (row + RAYS[ray]![1] - height / 2) / half - lens.off.y;
				const far = lens.bend * (bentX * bentX + bentY * bentY);
				let bend = 1;
				for (let step = 0; step < 4; step++) bend = 1 + far / (bend * bend);
				const colour = colourAt(bentX / bend / lens.length, bentY / bend / lens.length);
				sum[at]! += (colour >> 16) * light;
				sum[at + 1]! += ((colour >> 8) & 255) * light;
				sum[at + 2]! += (colour & 255) * light;
			}
		}
	const soft = blurred(sum, width, height, blur);
	const data = new Uint8ClampedArray(width * height * 4);
	for (let pixel = 0; pixel < width * height; pixel++) {
		for (let each = 0; each < 3; each++)
			data[4 * pixel + each] = soft[3 * pixel + each]! + grains[Math.floor(random() * 4096)]!;
		data[4 * pixel + 3] = 255;
	}
	return { data, width, height };
}

/** The axes of the plane as the lens sees them: right, down, and away from it. */
function axes([ax, ay, az]: readonly [number, number, number]): number[][] {
	const angle = Math.hypot(ax, ay, az);
	const [x, y, z] = angle === 0 ? [0, 0, 1] : [ax / angle, ay / angle, az / angle];
	const [c, s] = [Math.cos(angle), Math.sin(angle)];
	const v = 1 - c;
	return [
		[c + x * x * v, z * s + x * y * v, -y * s + x * z * v],
		[-z * s + x * y * v, c + y * y * v, x * s + y * z * v],
		[y * s + x * z * v, -x * s + y * z * v, c + z * z * v]
	];
}

/** The colour of the first layer that a ray meets, by its slopes right and down. */
function colours({ turn, away }: Lens, layers: readonly Layer[]) {
	const [right, down, out] = axes(turn) as [number[], number[], number[]];
	const from = (axis: number[]) => away[0] * axis[0]! + away[1] * axis[1]! + away[2] * axis[2]!;
	const [ox, oy, oz] = [from(right), from(down), from(out)];
	return (u: number, v: number): Colour => {
		const rx = u * right[0]! + v * right[1]! + right[2]!;
		const ry = u * down[0]! + v * down[1]! + down[2]!;
		const rz = u * out[0]! + v * out[1]! + out[2]!;
		for (let index = 0; index < layers.length; index++) {
			const layer = layers[index]!;
			const reach = (oz - layer.z) / rz;
			const colour = layer.paint(reach * rx - ox, reach * ry - oy);
			if (colour !== CLEAR) return colour;
		}
		return 0;
	};
}

/** A Gaussian blur, first along the rows and then along the columns. */
function blurred(from: Float32Array, width: number, height: number, sd: number): Float32Array {
	if (sd < 0.1) return from;
	const reach = Math.ceil(2.5 * sd);
	const weights = Array.from({ length: 2 * reach + 1 }, (_, index) =>
		Math.exp(-((index - reach) ** 2) / (2 * sd * sd))
	);
	const all = weights.reduce((sum, each) => sum + each, 0);
	const pass = (values: Float32Array, step: number, next: number, lines: number, most: number) => {
		const out = new Float32Array(values.length);
		for (let line = 0; line < lines; line++)
			for (let place = 0; place < most; place++)
				for (let each = 0; each < 3; each++) {
					const start = line * next + each;
					let sum = 0;
					for (let by = -reach; by <= reach; by++) {
						const near = place + by < 0 ? 0 : place + by >= most ? most - 1 : place + by;
						sum += weights[by + reach]! * values[start + near * step]!;
					}
					out[start + place * step] = sum / all;
				}
		return out;
	};
	const across = pass(from, 3, 3 * width, height, width);
	return pass(across, 3 * width, 3, width, height);
}
