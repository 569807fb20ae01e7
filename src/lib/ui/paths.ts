import { resolve } from '$app/paths';

export type Station = 'rack' | 'survey' | 'arrange' | 'fix' | 'mark' | 'hang' | 'book';

/** Address of a station of a wall. */
export const projectPath = (project: string, wall: string, station: Station) =>
	resolve(`/p/[project]/[wall]/${station}`, { project, wall });
