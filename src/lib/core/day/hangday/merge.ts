import { sortByTime } from '../../plan/as-hung.ts';
import type { DayEvent } from '../../model/day.ts';
import type { Project } from '../../model/project.ts';
import { eventFace } from './events/index.ts';
import { applyEvent } from './apply-event.ts';
import { momentAfter } from './moment.ts';

/** Two devices that tell unlike things of one matter. */
export interface Conflict {
	ours: DayEvent;
	theirs: DayEvent;
}

export interface Merged {
	project: Project;
	/** Events that were not known here. */
	added: number;
	/** Those left out until somebody chooses: what stands here is kept. */
	conflicts: Conflict[];
}

/** What an event speaks of, where another can gainsay it; null where each stands for itself. */
const matterOf = (event: DayEvent): string | null => eventFace(event).conflictKey?.(event) ?? null;

/** What an event tells, whoever told it and when. */
const answerOf = (event: DayEvent): string =>
	JSON.stringify([
		event.what,
		eventFace(event).conflictValue?.(event) ?? { ...event, id: '', at: '', by: '' }
	]);

/** An event told once more after ours, where the latest counts and ours was later; else the event itself. */
const after = (event: DayEvent, ours: DayEvent): DayEvent =>
	eventFace(event).lastWriteWins && ours.at >= event.at
		? { ...event, id: `${event.id}~`, at: momentAfter(new Date(event.at), ours.at) }
		: event;

/**
 * A project with what happened on another device taken in, by the ids of the events. Where both told unlike things of
 * one matter since they parted, ours stands, and theirs is handed back; where they told the same, once is enough.
 *
 * @param take ids of their events that somebody chose over ours.
 */
export function mergeDay(
	project: Project,
	theirs: readonly DayEvent[],
	take: ReadonlySet<string> = new Set()
): Merged {
	const known = new Set(project.day.map(({ id }) => id));
	const common = new Set(theirs.filter(({ id }) => known.has(id)).map(({ id }) => id));
	/** The last that we alone told of each matter. */
	const own = new Map<string, DayEvent>();
	for (const event of sortByTime(project.day)) {
		const matter = common.has(event.id) ? null : matterOf(event);
		if (matter !== null) own.set(matter, event);
	}
	const fresh = sortByTime(theirs).filter(({ id }) => !known.has(id));
	/** Of theirs too only the last of each matter can be unlike ours. */
	const last = new Map(fresh.map((event) => [matterOf(event), event]));
	const conflicts: Conflict[] = [];
	let merged = project;
	for (const event of fresh) {
		const matter = matterOf(event);
		const ours = matter === null ? undefined : own.get(matter);
		if (!ours) merged = applyEvent(merged, event);
		else if (take.has(last.get(matter)!.id))
			merged = applyEvent(applyEvent(merged, event), after(event, ours));
		else if (last.get(matter) === event && answerOf(ours) !== answerOf(event))
			conflicts.push({ ours, theirs: event });
	}
	return { project: merged, added: merged.day.length - project.day.length, conflicts };
}
