import { fail } from './said.ts';
import { ok, type Result } from '../core/index.ts';
import type { WithPhotos } from './photo-zip.ts';
import { LARGEST_FILE } from './project-file.ts';

/** Reads a zip with photos, wherever that is done. */
export type ReadZip = (zip: Blob) => Promise<Result<WithPhotos>>;

/** The text of a file, and its photos where it is a zip. Errors: `too-large`, and those of the zip. */
export async function readFile(file: Blob, readZip: ReadZip): Promise<Result<WithPhotos>> {
	const start = new Uint8Array(await file.slice(0, 2).arrayBuffer());
	if (start[0] === 0x50 && start[1] === 0x4b) return readZip(file);
	if (file.size > LARGEST_FILE) return fail('too-large', { of: 'project' });
	return ok({ text: await file.text(), photos: [] });
}

/** What JSON says; undefined where it is none. */
export function jsonOf(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch {
		return undefined;
	}
}
