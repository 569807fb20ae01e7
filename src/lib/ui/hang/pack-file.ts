import { ok, packWall, type Project, type Result } from '../../core/index.ts';
import { fileName } from '../../files/file-name.ts';
import { photosOf } from '../../store/photos-of.ts';

/** The pack of a wall as a file; a zip when photos go with it. */
export async function packFile(project: Project, wallId: string): Promise<Result<File>> {
	const pack = packWall(project, wallId);
	const name = (ending: string) =>
		fileName([project.name, pack.project.walls[0]!.name, 'hang pack'], ending);
	const text = JSON.stringify(pack);
	const photos = await photosOf(pack.project);
	if (photos.length === 0) return ok(new File([text], name('json'), { type: 'application/json' }));
	const { zipped } = await import('../zip.ts');
	const zip = await zipped({ text, photos: photos.map(({ hash, blob }) => ({ hash, blob })) });
	return zip.ok ? ok(new File([zip.value], name('zip'), { type: zip.value.type })) : zip;
}

/** The same for the share sheet, which browsers let plain text into, but no JSON and no zip. From memory. */
export const asShared = (file: File): File =>
	file.type === 'application/json'
		? new File([file], file.name.replace(/json$/, 'txt'), { type: 'text/plain' })
		: file;
