/**
 * Packing by a sequence pair: of two rectangles, the one before the other in both orders lies left of it, the one
 * before in the second order only lies below it. Every such pair of orders is a packing without overlap, and the
 * tightest packing of all is among them.
 * Source: Murata, Fujiyoshi, Nakatake and Kajitani, 1996 (from memory).
 */
export interface SequencePair {
	first: number[];
	second: number[];
}

export interface Packed {
	/** Lower left corners, each as far left and as low as the orders let it. */
	x: Float64Array;
	y: Float64Array;
	width: number;
	height: number;
}

/** Places of rectangles as far left and low as their orders allow. Sizes in one unit, by index. */
export function pack(
	{ first, second }: SequencePair,
	widths: ArrayLike<number>,
	heights: ArrayLike<number>
): Packed {
	const count = first.length;
	const rank = new Int32Array(count);
	for (let place = 0; place < count; place++) rank[first[place]!] = place;
	const x = new Float64Array(count);
	const y = new Float64Array(count);
	let [width, height] = [0, 0];
	for (let at = 0; at < count; at++) {
		const item = second[at]!;
		let [left, low] = [0, 0];
		for (let before = 0; before < at; before++) {
			const other = second[before]!;
			if (rank[other]! < rank[item]!) left = Math.max(left, x[other]! + widths[other]!);
			else low = Math.max(low, y[other]! + heights[other]!);
		}
		x[item] = left;
		y[item] = low;
		width = Math.max(width, left + widths[item]!);
		height = Math.max(height, low + heights[item]!);
	}
	return { x, y, width, height };
}

/** The same packing with every rectangle in the middle of the room its orders leave it within the whole. */
export function packCentred(
	pair: SequencePair,
	widths: ArrayLike<number>,
	heights: ArrayLike<number>
): Packed {
	const low = pack(pair, widths, heights);
	const back = pack(
		{ first: pair.first.toReversed(), second: pair.second.toReversed() },
		widths,
		heights
	);
	const count = pair.first.length;
	const x = new Float64Array(count);
	const y = new Float64Array(count);
	for (let item = 0; item < count; item++) {
		x[item] = (low.x[item]! + low.width - back.x[item]! - widths[item]!) / 2;
		y[item] = (low.y[item]! + low.height - back.y[item]! - heights[item]!) / 2;
	}
	return { ...low, x, y };
}
