import type { Result } from '../core/base/result.ts';
import { LARGEST_ZIP, readPhotoZip, writePhotoZip, type WithPhotos } from '../files/photo-zip.ts';
import { causeOf } from './answer.ts';

export type ZipTask = { write: WithPhotos } | { read: Blob };

export type ZipTold =
	| { done: number; of: number }
	| { written: Blob }
	| { read: Result<WithPhotos> }
	| { failed: string };

const tell = (told: ZipTold) => self.postMessage(told);
const onphoto = (done: number, of: number) => tell({ done, of });

self.onmessage = async ({ data: task }: MessageEvent<ZipTask>) => {
	try {
		if ('write' in task) tell({ written: await writePhotoZip(task.write, onphoto) });
		else tell({ read: await readPhotoZip(await bytesOf(task.read), onphoto) });
	} catch (error) {
		console.error(error);
		tell({ failed: causeOf(error) });
	}
};

/** No more of a file is read than is looked at. */
const bytesOf = async (file: Blob): Promise<Uint8Array> =>
	new Uint8Array(await file.slice(0, LARGEST_ZIP + 1).arrayBuffer());
