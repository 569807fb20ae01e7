import { CLEAR, type Colour, type Layer } from './render.ts';

type Paint = (x: number, y: number) => Colour;

/** A whole number of two to a share between 0 and 1, always the same. */
function grain(x: number, y: number, seed: number): number {
	let hash = Math.imul(x, 374761393) + Math.imul(y, 668265263) + Math.imul(seed, 1442695041);
	hash = Math.imul(hash ^ (hash >>> 13), 1274126177);
	return ((hash ^ (hash >>> 16)) >>> 0) / 4294967296;
}

/** A colour with grains of so many mm, each so much lighter or darker. */
export function grained(
	colour: Colour,
	seed: number,
	across: number,
	down: number,
	by: number
): Paint {
	const [r, g, b] = [colour >> 16, (colour >> 8) & 255, colour & 255];
	const near = (value: number) => (value < 0 ? 0 : value > 255 ? 255 : value | 0);
	return (x, y) => {
		const shift = by * (grain(Math.floor(x / across), Math.floor(y / down), seed | 0) - 0.5);
		return (near(r + shift) << 16) | (near(g + shift) << 8) | near(b + shift);
	};
}

/** What a layer shows within a rectangle, mm. */
export const within = (
	z: number,
	[x0, y0, x1, y1]: readonly [number, number, number, number],
	paint: Paint
): Layer => ({
	z,
	paint: (x, y) => (x >= x0 && x < x1 && y >= y0 && y < y1 ? paint(x, y) : CLEAR)
});

/** A rectangle turned about its upper left corner, in its own mm. */
export function turnedRect(
	z: number,
	at: { x: number; y: number; turn: number },
	width: number,
	height: number,
	paint: Paint
): Layer {
	const [cos, sin] = [Math.cos(at.turn), Math.sin(at.turn)];
	return {
		z,
		paint: (x, y) => {
			const [u, v] = [(x - at.x) * cos + (y - at.y) * sin, -(x - at.x) * sin + (y - at.y) * cos];
			return u >= 0 && u < width && v >= 0 && v < height ? paint(u, v) : CLEAR;
		}
	};
}

/** A straight cord between two points, mm. */
export function cord(
	z: number,
	from: { x: number; y: number },
	to: { x: number; y: number },
	thick: number,
	colour: Colour
): Layer {
	const [dx, dy] = [to.x - from.x, to.y - from.y];
	const length = Math.hypot(dx, dy);
	return {
		z,
		paint: (x, y) => {
			const along = ((x - from.x) * dx + (y - from.y) * dy) / length;
			const beside = ((x - from.x) * dy - (y - from.y) * dx) / length;
			return along >= 0 && along <= length && Math.abs(beside) < thick / 2 ? colour : CLEAR;
		}
	};
}

/** A ring, mm. */
export const ring = (
	z: number,
	at: { x: number; y: number },
	outer: number,
	inner: number,
	colour: Colour
): Layer => ({
	z,
	paint: (x, y) => {
		const r = Math.hypot(x - at.x, y - at.y);
		return r < outer && r > inner ? colour : CLEAR;
	}
});
