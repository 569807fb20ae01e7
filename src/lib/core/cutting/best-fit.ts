/** Rectangles laid one after the other into the lowest stretch of a strip. */
export interface Laid {
	x: Float64Array;
	y: Float64Array;
	turned: Uint8Array;
	/** Length of strip used. */
	length: number;
}

export interface Sizes {
	widths: Float64Array;
	heights: Float64Array;
	/** Whether they may be turned by 90 degrees. */
	rotate: boolean;
}

/** In which order rectangles are preferred, and which of them lie turned where either way fits alike. */
export interface Wish {
	order: Uint16Array;
	turned: Uint8Array;
}

/** Edges that differ by less meet, mm. */
const MEETS = 0.5;

/**
 * Lays rectangles in an order of preference: into the lowest stretch goes the one that fits it best, else the first in
 * the order that fits; a stretch that none fits is raised to its lower neighbour.
 * Source: Leung, Zhang and Sim’s scoring of stretches, 2011, in a form of our own (from memory).
 */
export function lay(
	{ order, turned: wished }: Wish,
	{ widths, heights, rotate }: Sizes,
	width: number
): Laid {
	const count = order.length;
	const x = new Float64Array(count);
	const y = new Float64Array(count);
	const turned = new Uint8Array(count);
	const left = Array.from(order);
	// The skyline: where each stretch begins, how high it is; the last entry only ends it.
	const at: number[] = [0, width];
	const up: number[] = [0, Infinity];
	let length = 0;
	while (left.length > 0) {
		let low = 0;
		for (let step = 1; step < up.length - 1; step++) if (up[step]! < up[low]!) low = step;
		const room = at[low + 1]! - at[low]!;
		const before = low === 0 ? Infinity : up[low - 1]!;
		const after = up[low + 1]!;
		const [wallLeft, wallRight] = [before - up[low]!, after - up[low]!];
		let best = -1;
		let bestScore = -1;
		let bestTurned = false;
		for (let index = 0; index < left.length && bestScore < TOP; index++) {
			const item = left[index]!;
			for (let way = 0; way < (rotate ? 2 : 1); way++) {
				const turn = way ^ wished[item]!;
				const wide = turn ? heights[item]! : widths[item]!;
				if (wide > room + 1e-9) continue;
				const high = turn ? widths[item]! : heights[item]!;
				const score = fitness(room - wide, high, wallLeft, wallRight);
				if (score > bestScore) [best, bestScore, bestTurned] = [index, score, turn === 1];
			}
		}
		if (best < 0) {
			raise(at, up, low, before, after);
			continue;
		}
		const [item] = left.splice(best, 1) as [number];
		const wide = bestTurned ? heights[item]! : widths[item]!;
		const high = bestTurned ? widths[item]! : heights[item]!;
		const toLeft = wallLeft >= wallRight;
		x[item] = toLeft ? at[low]! : at[low + 1]! - wide;
		y[item] = up[low]!;
		turned[item] = bestTurned ? 1 : 0;
		length = Math.max(length, up[low]! + high);
		fill(at, up, low, wide, high, toLeft);
	}
	return { x, y, turned, length };
}

/** How well one fits a stretch: exactly as wide and level with a wall beside it is best. */
const TOP = 4;
function fitness(spare: number, high: number, wallLeft: number, wallRight: number): number {
	const level = Math.abs(high - wallLeft) < MEETS || Math.abs(high - wallRight) < MEETS;
	if (spare < MEETS) return level ? TOP : 3;
	return level ? 1 : 0;
}

function fill(
	at: number[],
	up: number[],
	low: number,
	wide: number,
	high: number,
	toLeft: boolean
): void {
	const room = at[low + 1]! - at[low]!;
	const base = up[low]!;
	if (room - wide < 1e-9) up[low] = base + high;
	else if (toLeft) {
		at.splice(low + 1, 0, at[low]! + wide);
		up.splice(low, 1, base + high, base);
	} else {
		at.splice(low + 1, 0, at[low + 1]! - wide);
		up.splice(low, 1, base, base + high);
	}
	for (let step = up.length - 2; step > 0; step--)
		if (Math.abs(up[step]! - up[step - 1]!) < 1e-9) {
			at.splice(step, 1);
			up.splice(step, 1);
		}
}

function raise(at: number[], up: number[], low: number, before: number, after: number): void {
	if (before <= after) {
		at.splice(low, 1);
		up.splice(low, 1);
	} else {
		at.splice(low + 1, 1);
		up.splice(low, 1);
	}
}
