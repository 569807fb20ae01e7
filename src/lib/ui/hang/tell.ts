import { dayState, momentAfter, type DayEvent, type NewDayEvent } from '../../core/index.ts';
import { now } from '../../store/clock.ts';
import { tellDay } from '../../store/commands/index.ts';
import { newId } from '../../store/new-id.ts';
import type { Session } from '../../store/session.svelte.ts';

/** What happened on a wall, now and by who hangs; or long ago, at a moment. */
export function eventOn(
	{ committed: { day, hanger } }: Session,
	wallId: string,
	told: NewDayEvent,
	at?: string
): DayEvent {
	return {
		...told,
		...{ id: newId(), by: hanger, wallId },
		at: at ?? momentAfter(now(), dayState(day, wallId).last)
	} as DayEvent;
}

/** Tells what happened on a wall. */
export const tell = (session: Session, wallId: string, told: NewDayEvent, at?: string): void =>
	session.run(tellDay(eventOn(session, wallId, told, at)));
