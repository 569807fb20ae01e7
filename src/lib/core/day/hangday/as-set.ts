import type { DayEventOf, NewDayEvent } from '../../model/day.ts';
import type { PlannedHook, PlannedPiece } from '../../model/planned.ts';
import type { Point } from '../../base/geometry/line.ts';

/**
 * A hook that was set: its bearing lies off its plan by as much as its hole does.
 *
 * @param hole where it went in, mm on the wall. `simulated` where no real instrument read it.
 */
export const hookWasSet = (
	step: string,
	{ id, kind, hole: planned, bearing }: PlannedHook,
	hole: Point,
	simulated: boolean
): NewDayEvent<DayEventOf<'set'>> => ({
	...{ what: 'set', step, hookId: id, hook: kind, planned, hole },
	bearing: { x: bearing.x + hole.x - planned.x, y: bearing.y + hole.y - planned.y },
	simulated
});

/**
 * What is told of a piece that hangs higher than reckoned: its back is as it came out, and where the hooks were moved for
 * it, each went down by as much.
 *
 * @param higher mm; minus is lower. `by` how much too high that is for what it is seen against, where it is not the plan.
 */
export const heightWasRead = (
	{ pieceId, hooks }: Pick<PlannedPiece, 'pieceId' | 'hooks'>,
	{
		higher,
		hooksMoved,
		by = higher,
		simulated
	}: { higher: number; hooksMoved: boolean; by?: number; simulated: boolean }
): NewDayEvent<DayEventOf<'came-out' | 'corrected'>>[] => [
	{ what: 'came-out', pieceId, higher, simulated },
	...(hooksMoved
		? [
				{
					...{ what: 'corrected' as const, pieceId },
					hooks: hooks.map((_, index) => ({ index, up: -by }))
				}
			]
		: [])
];

/**
 * What is told of a gap that is not as planned; where the hooks were moved for it, each went sideways by as much.
 *
 * @param wider mm. `side` of the piece at which the other hangs.
 */
export const gapWasRead = (
	{ pieceId, hooks }: Pick<PlannedPiece, 'pieceId' | 'hooks'>,
	{
		besideId,
		side,
		wider,
		hooksMoved,
		simulated
	}: {
		besideId: string;
		side: 'left' | 'right';
		wider: number;
		hooksMoved: boolean;
		simulated: boolean;
	}
): NewDayEvent<DayEventOf<'gap-read' | 'corrected'>>[] => [
	{ what: 'gap-read', pieceId, besideId, wider, simulated },
	...(hooksMoved
		? [
				{
					...{ what: 'corrected' as const, pieceId },
					hooks: hooks.map((_, index) => ({
						index,
						up: 0,
						right: side === 'left' ? -wider : wider
					}))
				}
			]
		: [])
];
