import { strFromU8, strToU8, unzip, zip, type Unzipped } from 'fflate';
import { fail, ok, type Result } from '../core/index.ts';
import { hashOf } from '../photos/hash.ts';
import { LARGEST_FILE } from './project-file.ts';

/** Name of the project, or of its pack, inside the zip, and of the folder its photos lie in. */
const PROJECT = 'project.json';
const PHOTOS = 'photos/';
/** Largest zip that is opened, bytes. */
export const LARGEST_ZIP = 400 * 1024 * 1024;

export interface ZippedPhoto {
	hash: string;
	blob: Blob;
}

/** The text of a file, and the photos that go with it. */
export interface WithPhotos {
	text: string;
	photos: readonly ZippedPhoto[];
}

/** A project or a pack with its photos as one zip: `project.json`, and each photo under its hash. */
export async function writePhotoZip({ text, photos }: WithPhotos): Promise<Blob> {
	const entries: Record<string, [Uint8Array, { level: 0 | 6 }]> = {
		[PROJECT]: [strToU8(text), { level: 6 }]
	};
	for (const { hash, blob } of photos)
		entries[`${PHOTOS}${hash}.${ending(blob.type)}`] = [
			new Uint8Array(await blob.arrayBuffer()),
			{ level: 0 }
		];
	const bytes = await new Promise<Uint8Array<ArrayBuffer>>((resolve, reject) =>
		zip(entries, (error, data) => (error ? reject(error) : resolve(new Uint8Array(data))))
	);
	return new Blob([bytes], { type: 'application/zip' });
}

/**
 * The text and the photos out of a zip; refused whole when anything in it is not what it says.
 * Errors: `not-a-zip`, `no-project`, `damaged-photo`, `too-large`.
 */
export async function readPhotoZip(bytes: Uint8Array): Promise<Result<WithPhotos>> {
	if (bytes.length > LARGEST_ZIP)
		return fail('too-large', 'This zip is larger than 400 MB; a project is not.');
	let files: Unzipped;
	try {
		files = await new Promise<Unzipped>((resolve, reject) =>
			unzip(bytes, { filter: wanted }, (error, data) => (error ? reject(error) : resolve(data)))
		);
	} catch {
		return fail('not-a-zip', 'This zip file is damaged and cannot be opened.');
	}
	const text = files[PROJECT];
	if (!text)
		return fail('no-project', 'There is no Warm Porch project or hang pack in this zip file.');
	const photos: ZippedPhoto[] = [];
	for (const [name, data] of Object.entries(files)) {
		if (name === PROJECT) continue;
		const [hash = '', kind = ''] = name.slice(PHOTOS.length).split('.');
		const blob = new Blob([new Uint8Array(data)], {
			type: kind === 'png' ? 'image/png' : 'image/jpeg'
		});
		if ((await hashOf(blob)) !== hash)
			return fail('damaged-photo', 'A photo in this zip file is damaged.', name);
		photos.push({ hash, blob });
	}
	return ok({ text: strFromU8(text), photos });
}

const ending = (type: string): string => (type === 'image/png' ? 'png' : 'jpg');

/** Only what we write is unpacked, and nothing that claims to be vast. */
const wanted = ({ name, originalSize }: { name: string; originalSize: number }): boolean =>
	(name === PROJECT && originalSize <= LARGEST_FILE) ||
	(/^photos\/[0-9a-f]{64}\.(png|jpg)$/.test(name) && originalSize <= 20 * 1024 * 1024);
