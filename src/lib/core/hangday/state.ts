import { memoised } from '../memo.ts';
import type { DayEvent } from '../model/day.ts';
import { inTime } from '../plan/as-hung.ts';
import { levelStepId, liftStepId } from './steps/face.ts';

/** What became of a step. */
export interface StepMark {
	state: 'done' | 'skipped';
	at: string;
	by: string;
	/** Why it was skipped. */
	why: string;
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
	/** The event that last changed something; null for none. */
	last: string | null;
}

/** Steps of these are done anew on each day. */
const ANEW = /^(prove|ready|after):/;

/** A day that begins sooner after another is the same one, begun on another device as well, hours. */
const SAME_DAY = 12;

/** Whether a day can begin anew. */
export const isAnotherDay = (began: string, at: string): boolean =>
	new Date(at).getTime() - new Date(began).getTime() >= SAME_DAY * 3_600_000;

/** What counts, whatever order the events became known in: of two that speak of one step, the later. */
export const dayState = memoised((day: readonly DayEvent[], wallId: string): DayState => {
	const steps = new Map<string, StepMark>();
	const proofs = new Map<string, number>();
	const moves: { step: string; before: string | null }[] = [];
	let began: string | null = null;
	let last: string | null = null;
	for (const event of inTime(day)) {
		if (event.wallId !== wallId) continue;
		const { at, by } = event;
		last = at;
		const done = (step: string) => steps.set(step, { state: 'done', at, by, why: '' });
		switch (event.what) {
			case 'began':
				if (began !== null && !isAnotherDay(began, at)) break;
				began = at;
				for (const step of steps.keys()) if (ANEW.test(step)) steps.delete(step);
				proofs.clear();
				moves.length = 0;
				break;
			case 'done':
			case 'set':
				done(event.step);
				break;
			case 'proved':
				proofs.set(event.step, event.read);
				done(event.step);
				break;
			case 'opened':
			case 'met':
				steps.delete(event.step);
				break;
			case 'skipped':
				steps.set(event.step, { state: 'skipped', at, by, why: event.why });
				break;
			case 'moved':
				moves.push({ step: event.step, before: event.before });
				break;
			case 'hung':
				done(liftStepId(event.hanging.pieceId));
				steps.delete(levelStepId(event.hanging.pieceId));
				break;
			case 'settled':
			case 'shifted':
			case 'pictured':
			case 'levelled':
			case 'came-out':
			case 'corrected':
			case 'looked':
			case 'filled':
			case 'taken-down':
				break;
		}
	}
	return { began, steps, proofs, moves, last };
});
