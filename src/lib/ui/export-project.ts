import type { Project } from '../core/index.ts';
import { download } from '../files/download.ts';
import { fileName } from '../files/file-name.ts';
import { writeProjectFile } from '../files/project-file.ts';
import { photosOf } from '../store/photos-of.ts';
import { notices } from './toast.svelte.ts';

/** Saves the project as a file that can be opened again: a zip when it has photos. */
export async function exportProject(project: Project): Promise<void> {
	const photos = await photosOf(project);
	const text = writeProjectFile(project);
	if (photos.length === 0) {
		download(fileName([project.name], 'json'), text, 'application/json');
		return;
	}
	const { zipped } = await import('./zip.ts');
	const zip = await zipped({ text, photos: photos.map(({ hash, blob }) => ({ hash, blob })) });
	if (zip.ok) download(fileName([project.name], 'zip'), zip.value, 'application/zip');
	else notices.error(zip.error.message);
}
