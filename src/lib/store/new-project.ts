import { startProject, type HouseRules, type Kit, type Project } from '../core/index.ts';
import { newId } from './new-id.ts';

/** An empty project with one wall, made now. */
export const newProject = (start: {
	name: string;
	wall: { name: string; width: number; height: number };
	houseRules: HouseRules;
	kit?: Kit;
}): Project => startProject(newId, new Date(), start);
