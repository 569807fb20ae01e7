import { fail } from './said.ts';
import { openProject, type Project, type Result } from '../core/index.ts';

/** Why a project may not be written: it could not be opened again. Null where it could. */
export function validateForSave(project: Project): Result<never> | null {
	const read = openProject(project);
	if (read.ok) return null;
	return fail('unsound', {}, read.error.path);
}
