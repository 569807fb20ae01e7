import { fail } from './said.ts';
import {
	strFromU8,
	strToU8,
	unzipSync,
	Zip,
	ZipDeflate,
	ZipPassThrough,
	type Unzipped
} from 'fflate';
import { ok, type Result } from '../core/index.ts';
import { hashOf } from '../photos/hash.ts';
import { LARGEST_FILE } from './project-file.ts';

/** Name of the project, or of its pack, inside the zip, and of the folder its photos lie in. */
const PROJECT = 'project.json';
/** A backup has a list of what is in it in the project’s place, and its projects beside it. */
const BACKUP = 'backup.json';
const OF_BACKUP = /^projects\/\d{1,6}\.json$/;
const PHOTO = /^photos\/([0-9a-f]{64})\.(png|jpg)$/;
/** Largest zip that is opened, and most that it may unpack to, bytes. */
export const LARGEST_ZIP = 400 * 1024 * 1024;
const LARGEST_PHOTO = 20 * 1024 * 1024;
/** Photos are packed tight already: what claims to unpack to more than this many times its size is none. */
const TIGHTEST_PHOTO = 20;

export interface ZippedPhoto {
	hash: string;
	blob: Blob;
}

/** The text of a file, and the photos that go with it. */
export interface WithPhotos {
	text: string;
	photos: readonly ZippedPhoto[];
	/** Texts of the projects of a backup, whose list is the text; absent for one project or pack. */
	projects?: readonly string[];
}

/** Told after each photo. */
export type OnPhoto = (done: number, of: number) => void;

/**
 * A project or a pack with its photos as one zip: `project.json`, and each photo under its hash. A backup is
 * `backup.json`, its projects and the photos of all of them.
 * It keeps its thread busy: in a page it runs in a worker.
 */
export async function writePhotoZip(
	{ text, photos, projects }: WithPhotos,
	onphoto: OnPhoto = () => undefined
): Promise<Blob> {
	const parts: BlobPart[] = [];
	let trouble: Error | null = null;
	const zip = new Zip((error, bytes) => {
		if (error) trouble = error;
		else parts.push(bytes as Uint8Array<ArrayBuffer>);
	});
	const add = (name: string, content: string) => {
		const entry = new ZipDeflate(name, { level: 6 });
		zip.add(entry);
		entry.push(strToU8(content), true);
	};
	add(projects ? BACKUP : PROJECT, text);
	for (const [index, project] of (projects ?? []).entries())
		add(`projects/${index + 1}.json`, project);
	for (const [index, { hash, blob }] of photos.entries()) {
		const photo = new ZipPassThrough(`photos/${hash}.${ending(blob.type)}`);
		zip.add(photo);
		photo.push(new Uint8Array(await blob.arrayBuffer()), true);
		onphoto(index + 1, photos.length);
	}
	zip.end();
	if (trouble) throw trouble;
	return new Blob(parts, { type: 'application/zip' });
}

/**
 * The text and the photos out of a zip; refused whole when anything in it is not what it says.
 * What it claims to unpack to is summed before anything is unpacked. It keeps its thread busy: in a page it runs in a
 * worker. Errors: `not-a-zip`, `no-project`, `damaged-photo`, `too-large`.
 */
export async function readPhotoZip(
	bytes: Uint8Array,
	onphoto: OnPhoto = () => undefined
): Promise<Result<WithPhotos>> {
	if (bytes.length > LARGEST_ZIP) return tooLarge;
	const entries: Entry[] = [];
	try {
		unzipSync(bytes, { filter: (entry) => (entries.push(entry), false) });
	} catch {
		return notAZip;
	}
	const wanted = entries.filter(isOurs);
	const refused = vast(wanted);
	if (refused) return refused;
	const files = unpack(bytes);
	if (!files) return notAZip;
	const text = files[PROJECT] ?? files[BACKUP];
	if (!text) return fail('no-project');
	const photos: ZippedPhoto[] = [];
	const names = Object.keys(files).filter((name) => PHOTO.test(name));
	for (const name of names) {
		const [, hash = '', kind = ''] = PHOTO.exec(name)!;
		const blob = new Blob([files[name] as Uint8Array<ArrayBuffer>], {
			type: kind === 'png' ? 'image/png' : 'image/jpeg'
		});
		if ((await hashOf(blob)) !== hash) return fail('damaged-photo', { of: 'damaged' }, name);
		photos.push({ hash, blob });
		onphoto(photos.length, names.length);
	}
	const projects = Object.keys(files).filter((name) => OF_BACKUP.test(name));
	return ok({
		text: strFromU8(text),
		photos,
		...(!files[PROJECT] && { projects: projects.map((name) => strFromU8(files[name]!)) })
	});
}

interface Entry {
	name: string;
	size: number;
	originalSize: number;
}

/** Only what we write is unpacked. */
const isOurs = ({ name }: Entry): boolean => isText(name) || PHOTO.test(name);
const isText = (name: string): boolean =>
	name === PROJECT || name === BACKUP || OF_BACKUP.test(name);

/** null where it cannot be unpacked. */
function unpack(bytes: Uint8Array): Unzipped | null {
	try {
		return unzipSync(bytes, { filter: isOurs });
	} catch {
		return null;
	}
}

/** Why what a zip claims to hold is not unpacked; null where it may be. */
function vast(entries: readonly Entry[]): Result<never> | null {
	const sum = entries.reduce((all, { originalSize }) => all + originalSize, 0);
	if (sum > LARGEST_ZIP) return tooLarge;
	for (const { name, size, originalSize } of entries) {
		if (isText(name) && originalSize > LARGEST_FILE)
			return fail('too-large', { of: 'project-in-zip' }, name);
		if (!isText(name) && originalSize > Math.min(LARGEST_PHOTO, size * TIGHTEST_PHOTO + 1000))
			return fail('damaged-photo', { of: 'large' }, name);
	}
	return null;
}

const tooLarge = fail('too-large', { of: 'zip' });
const notAZip = fail('not-a-zip');

const ending = (type: string): string => (type === 'image/png' ? 'png' : 'jpg');
