import { nextStation, stationNotesOn, type Project } from '$lib/core/index.ts';
import { STATIONS } from './stations.ts';

/** What is to be done next in a project: the first wall that lacks something, and what; null where nothing is. */
export function nextOf(project: Project): string | null {
	for (const { id, name } of project.walls) {
		const notes = stationNotesOn(project, id);
		const next = notes && nextStation(notes);
		if (!notes || !next) continue;
		const station = STATIONS.find((each) => each.id === next)!;
		return `${name}, ${station.name}: ${notes[next].text}`;
	}
	return null;
}
