import { fill, lowest, raise, type Step } from '../../base/geometry/skyline.ts';

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
	const skyline: Step[] = [{ x: 0, y: 0, width }];
	let length = 0;
	while (left.length > 0) {
		const at = lowest(skyline);
		const step = skyline[at]!;
		const wallLeft = (skyline[at - 1]?.y ?? Infinity) - step.y;
		const wallRight = (skyline[at + 1]?.y ?? Infinity) - step.y;
		let best = -1;
		let bestScore = -1;
		let bestTurned = false;
		for (let index = 0; index < left.length && bestScore < TOP; index++) {
			const item = left[index]!;
			for (let way = 0; way < (rotate ? 2 : 1); way++) {
				const turn = way ^ wished[item]!;
				const wide = turn ? heights[item]! : widths[item]!;
				if (wide > step.width + 1e-9) continue;
				const high = turn ? widths[item]! : heights[item]!;
				const score = fitness(step.width - wide, high, wallLeft, wallRight);
				if (score > bestScore) [best, bestScore, bestTurned] = [index, score, turn === 1];
			}
		}
		if (best < 0) {
			raise(skyline, at);
			continue;
		}
		const [item] = left.splice(best, 1) as [number];
		const wide = bestTurned ? heights[item]! : widths[item]!;
		const high = bestTurned ? widths[item]! : heights[item]!;
		const toRight = wallLeft < wallRight;
		x[item] = toRight ? step.x + step.width - wide : step.x;
		y[item] = step.y;
		turned[item] = bestTurned ? 1 : 0;
		length = Math.max(length, step.y + high);
		fill(skyline, at, wide, high, toRight);
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
