import { fail } from './said.ts';
import { openProject, type Project, type Result } from '../core/index.ts';

/** Largest project file that is read, bytes. */
export const LARGEST_FILE = 24 * 1024 * 1024;

/** The project as the text of a file: facts only, in a stable order. */
export function writeProjectFile(project: Project): string {
	return `${JSON.stringify(project, null, '\t')}\n`;
}

/** A project from a file's text; refused whole, with the reason and the path, when anything is wrong. */
export function readProjectFile(text: string): Result<Project> {
	if (text.length > LARGEST_FILE) return fail('too-large', { of: 'file' });
	let file: unknown;
	try {
		file = JSON.parse(text);
	} catch {
		return fail('not-json');
	}
	return openProject(file);
}
