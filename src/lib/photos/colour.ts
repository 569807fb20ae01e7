/** Steps that each of red, green and blue is sorted into. */
const STEPS = 8;

/**
 * Leading colour of a picture, `#rrggbb`: the mean of the fullest of 8 × 8 × 8 boxes, colourful boxes counting more.
 * Transparent pixels do not count; grey for a picture without any others.
 *
 * @param pixels red, green, blue and alpha from 0 to 255, four to a pixel.
 */
export function leadingColour(pixels: ArrayLike<number>): string {
	const boxes = new Map<number, { count: number; r: number; g: number; b: number }>();
	for (let at = 0; at + 3 < pixels.length; at += 4) {
		if (pixels[at + 3]! < 128) continue;
		const [r, g, b] = [pixels[at]!, pixels[at + 1]!, pixels[at + 2]!];
		const key = (step(r) * STEPS + step(g)) * STEPS + step(b);
		const box = boxes.get(key) ?? { count: 0, r: 0, g: 0, b: 0 };
		box.count++;
		box.r += r;
		box.g += g;
		box.b += b;
		boxes.set(key, box);
	}
	let best: { weight: number; colour: string } = { weight: 0, colour: '#808080' };
	for (const { count, r, g, b } of boxes.values()) {
		const mean = [r / count, g / count, b / count];
		const weight = count * (0.35 + (Math.max(...mean) - Math.min(...mean)) / 255);
		if (weight > best.weight) best = { weight, colour: hex(mean) };
	}
	return best.colour;
}

const step = (value: number): number => Math.min(Math.floor((value * STEPS) / 256), STEPS - 1);

const hex = (mean: number[]): string =>
	`#${mean.map((value) => Math.round(value).toString(16).padStart(2, '0')).join('')}`;
