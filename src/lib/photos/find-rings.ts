import { fromMask, Image, type Roi } from 'image-js';
import { RING_CARD } from '../core/base/ring-card.ts';
import type { Point, Quad } from '../core/index.ts';
import { fromUpperLeft } from './from-upper-left.ts';
import type { Pixels } from './warp.ts';

/** Longer side that rings are looked for at, px. */
const LOOK_AT = 1000;
/** Steps of brightness that the picture is cut at. */
const CUTS = 12;
/** Share of the box of a ring that is black: π(R² − r²)/(2R)², and what a slant and a blur leave open. */
const BLACK =
	(Math.PI * (RING_CARD.outer ** 2 - RING_CARD.inner ** 2)) / (2 * RING_CARD.outer) ** 2;
const OPEN = 0.14;
/** A ring seen at a slant is at most so many times as long as it is wide. */
const LONGEST = 1.5;

/** Half of the window that a middle is read in, in widths of its ring. */
const AROUND = 0.6;

interface Ring {
	at: Point;
	/** px, outer width. */
	size: number;
}

/**
 * Middles of the four rings of a printed card, px, clockwise from the upper left; null where they are not found. Dark parts
 * about as black as a ring in its box, with a bright middle, are taken at many cuts; four of about one size make the card.
 */
export function findRings(photo: Pixels): Quad | null {
	const whole = new Image(photo.width, photo.height, {
		data: new Uint8Array(photo.data.buffer, photo.data.byteOffset, photo.data.length),
		colorModel: 'RGBA'
	});
	const scale = Math.min(1, LOOK_AT / Math.max(photo.width, photo.height));
	const grey = whole.resize({ xFactor: scale, yFactor: scale }).grey();
	for (let cut = 2; cut < CUTS - 2; cut++) {
		const dark = fromMask(grey.threshold({ threshold: cut / CUTS }).invert());
		const rings = dark.getRois({ minSurface: 25 }).flatMap((roi) => ringOf(roi) ?? []);
		const card = cardOf(rings);
		if (card) return card.map((ring) => middleOf(photo, ring, scale)) as unknown as Quad;
	}
	return null;
}

function ringOf(roi: Roi): Ring | null {
	const { width, height, surface, origin } = roi;
	if (Math.max(width, height) > LONGEST * Math.min(width, height)) return null;
	if (Math.abs(surface / (width * height) - BLACK) > OPEN) return null;
	const middle = roi.getMapValue(
		origin.column + Math.round(width / 2),
		origin.row + Math.round(height / 2)
	);
	if (middle === roi.id) return null;
	return {
		at: { x: origin.column + width / 2, y: origin.row + height / 2 },
		size: Math.sqrt(width * height)
	};
}

/** Four rings of about one size, where there are just four. */
function cardOf(rings: readonly Ring[]): Ring[] | null {
	const sizes = rings.map(({ size }) => size).sort((a, b) => a - b);
	const usual = sizes[Math.floor(sizes.length / 2)];
	const alike = rings.filter(({ size }) => usual && size < usual * 1.5 && size > usual / 1.5);
	return alike.length === 4 ? fromUpperLeft(alike, ({ at }) => at) : null;
}

/** The middle of a ring to a fraction of a pixel: the mean place of its black, in the photo as it was taken. */
function middleOf({ data, width, height }: Pixels, { at, size }: Ring, scale: number): Point {
	const reach = (AROUND * size) / scale;
	const [x0, y0] = [at.x / scale, at.y / scale];
	const from = { x: Math.max(Math.round(x0 - reach), 0), y: Math.max(Math.round(y0 - reach), 0) };
	const to = {
		x: Math.min(Math.round(x0 + reach), width),
		y: Math.min(Math.round(y0 + reach), height)
	};
	const seen: { x: number; y: number; value: number }[] = [];
	for (let y = from.y; y < to.y; y++)
		for (let x = from.x; x < to.x; x++)
			seen.push({ x: x + 0.5, y: y + 0.5, value: data[4 * (y * width + x) + 1]! });
	const values = seen.map(({ value }) => value).sort((a, b) => a - b);
	const half =
		(values[Math.floor(values.length / 20)]! + values[Math.floor(values.length * 0.9)]!) / 2;
	let [sum, x, y] = [0, 0, 0];
	for (const each of seen) {
		const black = Math.max(half - each.value, 0);
		sum += black;
		x += black * each.x;
		y += black * each.y;
	}
	return sum === 0 ? { x: x0, y: y0 } : { x: x / sum, y: y / sum };
}
