import {
	hangerOf,
	hungPiece,
	normalDraw,
	type HangSolution,
	type Piece
} from '../../src/lib/core/index.ts';
import type { Off } from './errors.ts';
import { hungAs, type World } from './world.ts';

export interface Spot {
	x: number;
	y: number;
}

/** A piece on the wall. */
export interface Hung {
	/** Where its hooks really carry it. */
	bearings: Spot[];
	/** Its middle. */
	x: number;
	y: number;
	/** Degrees, right side higher positive. */
	tilt: number;
}

/** What a day of hanging cost. */
export interface Cost {
	wasted: number;
	measures: number;
	typed: number;
	taps: number;
}

/** A person at the wall: tools and hands of one day. */
export class Hand {
	readonly cost: Cost = { wasted: 0, measures: 0, typed: 0, taps: 0 };

	constructor(
		readonly world: World,
		readonly off: Off,
		readonly random: () => number
	) {}

	draw(sd: number): number {
		return normalDraw(this.random, sd);
	}

	/** One length taken with the tape and drawn on the wall, mm off; by its hook, or by the naked tape. */
	mark(by: 'hook' | 'tape'): number {
		this.cost.measures += 1;
		const hook = by === 'hook' ? this.world.tapeHook : 0;
		return hook + this.draw(this.off.tape) + this.draw(this.off.pencil);
	}

	/** A hook put on its mark; `held` by its lowest point, or by its hole where that is reckoned. */
	drive(mark: Spot, kind: string, at: 'bearing' | 'hole'): Spot {
		const own = this.world.hooks.get(kind)!;
		const up =
			at === 'bearing'
				? own.held + this.draw(this.off.pencil)
				: own.hole + this.draw(this.off.pencil);
		return {
			x: mark.x + this.draw(this.off.nail),
			y: mark.y + up + this.draw(this.off.nail)
		};
	}
}

const mean = (values: readonly number[]): number =>
	values.reduce((sum, value) => sum + value, 0) / values.length;

/** How a piece comes to hang on hooks: level on a wire once it is slid so, tilted by uneven hooks on fixed rings. */
export function hang(is: Piece, bearings: Spot[]): Hung {
	const { points } = hungAs(is);
	const top = mean(bearings.map(({ y }) => y)) + mean(points.map(({ drop }) => drop.value));
	const x = mean(bearings.map((each) => each.x)) - mean(points.map((point) => point.x));
	return { bearings, x, y: top - is.height / 2, tilt: tiltOn(is, points, bearings) };
}

function tiltOn({ back }: Piece, points: HangSolution['points'], bearings: Spot[]): number {
	if (back.kind !== 'rings') return 0;
	const [left, right] = points;
	const high = bearings[1]!.y + right!.drop.value - (bearings[0]!.y + left!.drop.value);
	return (Math.asin(high / (right!.x - left!.x)) * 180) / Math.PI;
}

/** What a level read at a piece tells to do. */
export const levelStep = (piece: Piece, tilt: number) =>
	hangerOf(piece.back).levelStep(tilt, piece.back, hungPiece(piece), hungAs(piece));
