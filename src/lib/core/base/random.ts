/** Numbers from 0 up to 1, the same ones for the same seed. Mulberry32, public domain, from memory. */
export function seeded(seed: number): () => number {
	let state = seed >>> 0;
	return () => {
		state = (state + 0x6d2b79f5) >>> 0;
		let mixed = Math.imul(state ^ (state >>> 15), state | 1);
		mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
		return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
	};
}

/** A draw from the normal distribution with mean 0, by Box and Muller's transform. */
export const normalDraw = (draw: () => number, sd: number): number =>
	sd * Math.sqrt(-2 * Math.log(1 - draw())) * Math.cos(2 * Math.PI * draw());

/** A whole seed from a text, so that the same wall always gives the same one. */
export const seedOf = (text: string): number =>
	[...text].reduce(
		(seed, letter) => Math.imul(seed ^ letter.codePointAt(0)!, 0x01000193),
		0x811c9dc5
	) >>> 0;
