import { resolve } from '$app/paths';

/** The stations of a job, in its order. */
export const STATIONS = [
	{ id: 'rack', name: 'Rack' },
	{ id: 'survey', name: 'Survey' },
	{ id: 'arrange', name: 'Arrange' },
	{ id: 'fix', name: 'Fix' },
	{ id: 'mark', name: 'Mark' },
	{ id: 'hang', name: 'Hang' },
	{ id: 'book', name: 'Book' }
] as const;
export type Station = (typeof STATIONS)[number]['id'];

/** Address of a station of a wall. */
export const projectPath = (project: string, wall: string, station: Station) =>
	resolve(`/p/[project]/[wall]/${station}`, { project, wall });
