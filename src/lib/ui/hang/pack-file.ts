import { packWall, type Project } from '../../core/index.ts';
import { fileName } from '../../files/file-name.ts';
import { photosOf } from '../../store/photos-of.ts';

/** The pack of a wall as a file; a zip when photos go with it. */
export async function packFile(project: Project, wallId: string): Promise<File> {
	const pack = packWall(project, wallId);
	const name = (ending: string) =>
		fileName([project.name, pack.project.walls[0]!.name, 'hang pack'], ending);
	const text = JSON.stringify(pack);
	const photos = await photosOf(pack.project);
	if (photos.length === 0) return new File([text], name('json'), { type: 'application/json' });
	const { writePhotoZip } = await import('../../files/photo-zip.ts');
	const zip = await writePhotoZip({ text, photos });
	return new File([zip], name('zip'), { type: zip.type });
}

/** The same for the share sheet, which browsers let plain text into, but no JSON and no zip. From memory. */
export const asShared = (file: File): File =>
	file.type === 'application/json'
		? new File([file], file.name.replace(/json$/, 'txt'), { type: 'text/plain' })
		: file;
