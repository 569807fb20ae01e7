import {
	ARRIVE_MINUTES,
	PROVE_MINUTES,
	PIECE_MINUTES,
	TWO_PEOPLE_MINUTES,
	CLEAN_MINUTES,
	MASONRY_HOLE_MINUTES
} from '../../base/figures/day.ts';
import { MASONRY } from '../../catalogue/details/index.ts';
import { groundAt } from '../../fixing/choose/hole-ground.ts';
import { heavyLift } from '../../fixing/cautions/heavy-lift.ts';
import { hookOf } from '../../catalogue/facts/index.ts';
import type { Wall } from '../../model/wall.ts';
import type { PieceFix } from '../../plan/fix.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';
import { TAKES_TIME } from '../../../words/en/day.ts';

/** Minutes for one part of a job. */
export interface TimePart {
	says: string;
	minutes: number;
}

export interface TimeEstimate {
	minutes: number;
	/** Likely range. */
	low: number;
	high: number;
	parts: TimePart[];
}

/** Minutes for one point by what is put there; from memory. */
const PER_POINT = { hole: 4, place: 5, cord: 6, kept: 1 };
/** Most jobs take between three quarters and half as much again. From memory. */
const RANGE = { low: 0.75, high: 1.5 };

/**
 * How long hanging takes, minutes: arriving, proving the wall, each piece, each point by what is put there, lifts by two,
 * cleaning up; Σ, and 0.75 to 1.5 of it. Laying the pieces out and driving there are not in it. Source: from memory.
 */
export function timeFor(
	{ made }: Pick<Wall, 'made'>,
	pieces: readonly Pick<PlannedPiece, 'hooks'>[],
	fixes: readonly Pick<PieceFix, 'cautions'>[]
): TimeEstimate {
	const points = pieces.flatMap(({ hooks }) => hooks.map((hook) => minutesAt(hook, made)));
	const byTwo = fixes.filter(takesTwo).length;
	const parts: TimePart[] = [
		{ says: TAKES_TIME.arrive(), minutes: ARRIVE_MINUTES },
		{ says: TAKES_TIME.prove(), minutes: PROVE_MINUTES },
		{
			says: TAKES_TIME.points({ points: points.length }),
			minutes: points.reduce((a, b) => a + b, 0)
		},
		{ says: TAKES_TIME.lifts({ pieces: pieces.length }), minutes: pieces.length * PIECE_MINUTES },
		...(byTwo > 0
			? [
					{
						says: TAKES_TIME['lifts-by-two']({ pieces: byTwo }),
						minutes: byTwo * TWO_PEOPLE_MINUTES
					}
				]
			: []),
		{ says: TAKES_TIME['clean-up'](), minutes: CLEAN_MINUTES }
	];
	const minutes = parts.reduce((sum, part) => sum + part.minutes, 0);
	return { minutes, low: minutes * RANGE.low, high: minutes * RANGE.high, parts };
}

/** Whether one person should not lift it alone. */
export const takesTwo = ({ cautions }: Pick<PieceFix, 'cautions'>): boolean =>
	cautions.some(({ code }) => code === heavyLift.code);

function minutesAt({ kind, hole }: PlannedHook, made: Wall['made']): number {
	const { puts } = hookOf(kind);
	return puts === 'hole' && MASONRY.includes(groundAt(made, [], hole.x, null).ground)
		? MASONRY_HOLE_MINUTES
		: PER_POINT[puts];
}
