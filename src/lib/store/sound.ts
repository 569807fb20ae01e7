import { fail, openProject, type Project, type Result } from '../core/index.ts';

/** Why a project may not be written: it could not be opened again. Null where it could. */
export function unsound(project: Project): Result<never> | null {
	const read = openProject(project);
	if (read.ok) return null;
	return fail(
		'unsound',
		'The last change could not be read back, so it is not kept: undo it. What was kept before stays whole.',
		read.error.path
	);
}
