import { fail } from './said.ts';
import { ok, type Result } from '../core/index.ts';
import { leadingColour } from '../photos/colour.ts';
import type { Developed } from '../photos/photo.ts';
import { smallCopy } from '../photos/small-copy.ts';
import { dbFor, type PhotoRow } from './db.ts';
import { storageTrouble } from './storage-trouble.ts';

/** Keeps a photo under the hash of its bytes; the same photo is kept once. */
export async function keepPhoto(
	projectId: string,
	{ blob, width, height, colour }: Pick<Developed, 'blob' | 'width' | 'height' | 'colour'>
): Promise<Result<string>> {
	const { hashOf } = await import('../photos/hash.ts');
	const hash = await hashOf(blob);
	return keep(projectId, hash, { blob, width, height, colour });
}

async function keep(
	projectId: string,
	hash: string,
	photo: Omit<PhotoRow, 'hash' | 'small'>
): Promise<Result<string>> {
	try {
		const small = await smallCopy(photo).catch(() => undefined);
		await dbFor(projectId).photos.put({ hash, ...photo, ...(small && { small }) });
		return ok(hash);
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Keeps a photo out of a project's zip; its size and colour are read anew. */
export async function keepZippedPhoto(
	projectId: string,
	{ hash, blob }: { hash: string; blob: Blob }
): Promise<Result<string>> {
	try {
		const picture = await createImageBitmap(blob);
		const { width, height } = picture;
		const colour = colourOf(picture);
		picture.close();
		return await keep(projectId, hash, { blob, width, height, colour });
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Leading colour, from a copy small enough to read at once. */
function colourOf(picture: ImageBitmap): string {
	const canvas = new OffscreenCanvas(32, 32);
	const context = canvas.getContext('2d')!;
	context.drawImage(picture, 0, 0, 32, 32);
	return leadingColour(context.getImageData(0, 0, 32, 32).data);
}

/** Kept photos by their hashes, in one reading; undefined where this browser has none of a hash, or keeps nothing. */
export async function photosBy(
	projectId: string,
	hashes: readonly string[]
): Promise<(PhotoRow | undefined)[]> {
	try {
		return await dbFor(projectId).photos.bulkGet([...hashes]);
	} catch {
		return hashes.map(() => undefined);
	}
}

/** Keeps a small copy beside a photo; where that fails the photo itself goes on serving. */
export async function keepSmall(projectId: string, hash: string, small: Blob): Promise<void> {
	try {
		await dbFor(projectId).photos.update(hash, { small });
	} catch {
		return;
	}
}
