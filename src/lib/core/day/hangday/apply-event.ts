import type { DayEvent } from '../../model/day.ts';
import type { Project } from '../../model/project.ts';
import { eventFace } from './events/index.ts';

/**
 * The project after something happened while hanging: the event is added to what happened, and what it tells of the
 * wall, a piece or a hanging becomes a fact. An event that is known already changes nothing.
 */
export function applyEvent(project: Project, event: DayEvent): Project {
	if (project.day.some(({ id }) => id === event.id)) return project;
	const told = { ...project, day: [...project.day, event] };
	return eventFace(event).applyToProject?.(told, event) ?? told;
}
