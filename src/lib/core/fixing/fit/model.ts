/** Something that moves as one, and what each of its moves would leave to be wished for. */
export interface FitUnit {
	/** The first stays where it is. */
	moves: readonly {
		/** mm to the right. */
		by: number;
		/** Steps of pieces that are not in studs: a whole number, 0 where all of them are. */
		lacking: number;
	}[];
}

/** Two units side by side: the right one may come nearer to the left one by at most so many mm. */
export interface Neighbours {
	left: number;
	right: number;
	room: number;
}

export interface FitProblem {
	units: readonly FitUnit[];
	neighbours: readonly Neighbours[];
}

/** Yes-or-no variables: the least sum of costs that keeps every row within its limits. */
export interface BinaryProgram {
	costs: number[];
	rows: { terms: { at: number; times: number }[]; least: number; most: number }[];
}

export interface Solved {
	/** Of each variable, 0 or 1. */
	values: ArrayLike<number>;
	/** Sum of its costs. */
	cost: number;
	/** No answer costs less. */
	bound: number;
}

/**
 * Which unit moves by how much: first as few steps as possible are lacking, then as few units as possible move, then
 * they move as little as possible. Each rank outweighs all that follow it.
 */
export function modelOf({ units, neighbours }: FitProblem): BinaryProgram {
	const { lacking, moved, farthest } = weights(units);
	const firsts = starts(units);
	return {
		costs: units.flatMap(({ moves }) =>
			moves.map(
				(move) =>
					lacking * move.lacking + (move.by === 0 ? 0 : moved + Math.abs(move.by) / farthest)
			)
		),
		rows: [
			...units.map(({ moves }, unit) => ({
				terms: moves.map((_, index) => ({ at: firsts[unit]! + index, times: 1 })),
				least: 1,
				most: 1
			})),
			...neighbours.map(({ left, right, room }) => ({
				terms: [...terms(right, 1), ...terms(left, -1)],
				least: -room,
				most: Infinity
			}))
		]
	};

	function terms(unit: number, sign: number) {
		return units[unit]!.moves.map(({ by }, index) => ({
			at: firsts[unit]! + index,
			times: sign * by
		})).filter(({ times }) => times !== 0);
	}
}

/** Index of the move that each unit makes. */
export const movesIn = ({ units }: FitProblem, { values }: Solved): number[] => {
	const firsts = starts(units);
	return units.map(({ moves }, unit) =>
		moves.findIndex((_, index) => values[firsts[unit]! + index]! > 0.5)
	);
};

/** How many steps fewer might be lacking than in an answer; 0 where none can, which proves it. */
export const stepsLeft = ({ units }: FitProblem, { cost, bound }: Solved): number =>
	Math.floor((cost - bound) / weights(units).lacking + 1e-6);

/** Whether no answer is better in any of the three ranks. */
export const isProven = ({ cost, bound }: Solved): boolean => cost - bound < 1e-4;

function weights(units: readonly FitUnit[]) {
	const moved = units.length + 1;
	const farthest = Math.max(
		1,
		...units.flatMap(({ moves }) => moves.map(({ by }) => Math.abs(by)))
	);
	return { moved, lacking: moved * moved, farthest };
}

/** Where the variables of each unit begin. */
function starts(units: readonly FitUnit[]): number[] {
	let next = 0;
	return units.map(({ moves }) => {
		const first = next;
		next += moves.length;
		return first;
	});
}
