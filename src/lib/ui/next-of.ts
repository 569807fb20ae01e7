import { nextStation, stationNotesOn, type Project, type StationNotes } from '$lib/core/index.ts';
import { STATIONS, type Station } from './stations.ts';

/** The first station of a wall that lacks something, and what it lacks; null where none does. */
export function nextIn(notes: StationNotes | null): { station: Station; says: string } | null {
	const next = notes && nextStation(notes);
	if (!next) return null;
	const { name } = STATIONS.find(({ id }) => id === next)!;
	return { station: next, says: `${name}: ${notes[next].text}` };
}

/** What is to be done next in a project: the first wall that lacks something, and what; null where nothing is. */
export function nextOf(project: Project): string | null {
	for (const { id, name } of project.walls) {
		const next = nextIn(stationNotesOn(project, id));
		if (next) return `${name}, ${next.says}`;
	}
	return null;
}
