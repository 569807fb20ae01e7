import { memoised } from '../memo.ts';
import type { DayEvent } from '../model/day.ts';
import { inTime } from '../plan/as-hung.ts';
import { eventFace } from './events/index.ts';

/** What became of a step. */
export interface StepMark {
	state: 'done' | 'skipped';
	at: string;
	by: string;
	/** Why it was skipped. */
	why: string;
}

/** What happened on a wall, as far as it counts, while the events are gone through. */
export interface DayCount {
	began: string | null;
	steps: Map<string, StepMark>;
	proofs: Map<string, number>;
	moves: { step: string; before: string | null }[];
	/** Pieces by the ids of their hangings. */
	hung: Map<string, string>;
}

/** What happened on a wall, as far as it counts now. */
export interface DayState {
	/** When the day that counts began; null where none has. */
	began: string | null;
	steps: ReadonlyMap<string, StepMark>;
	/** Measures taken again, mm, by their step. */
	proofs: ReadonlyMap<string, number>;
	/** Steps moved before others, in the order they were. */
	moves: readonly { step: string; before: string | null }[];
	/** When something was last told; null for never. */
	last: string | null;
}

/** What counts, whatever order the events became known in: of two that speak of one step, the later. */
export const dayState = memoised((day: readonly DayEvent[], wallId: string): DayState => {
	const events = inTime(day).filter((event) => event.wallId === wallId);
	const count: DayCount = {
		began: null,
		steps: new Map(),
		proofs: new Map(),
		moves: [],
		hung: new Map()
	};
	for (const event of events) eventFace(event).counts?.(count, event);
	const { began, steps, proofs, moves } = count;
	return { began, steps, proofs, moves, last: events.at(-1)?.at ?? null };
});
