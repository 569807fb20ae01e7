import { memoised } from '../../base/memo.ts';
import type { DayEvent } from '../../model/day.ts';
import { sortByTime } from '../../plan/as-hung.ts';
import type { DayStateDraft, DayState } from './day-state.ts';
import { eventFace } from './events/index.ts';

export type { DayStateDraft, DayState, StepMark } from './day-state.ts';

/** What counts, whatever order the events became known in: of two that speak of one step, the later. */
export const dayState = memoised((day: readonly DayEvent[], wallId: string): DayState => {
	const events = sortByTime(day).filter((event) => event.wallId === wallId);
	const count: DayStateDraft = {
		began: null,
		steps: new Map(),
		proofs: new Map(),
		moves: [],
		hung: new Map()
	};
	for (const event of events) eventFace(event).reduceDayState?.(count, event);
	const { began, steps, proofs, moves } = count;
	return { began, steps, proofs, moves, last: events.at(-1)?.at ?? null };
});
