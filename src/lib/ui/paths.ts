import { resolve } from '$app/paths';
import type { Station } from './stations.ts';

/** Address of a station of a wall. */
export const projectPath = (project: string, wall: string, station: Station) =>
	resolve(`/p/[project]/[wall]/${station}`, { project, wall });
