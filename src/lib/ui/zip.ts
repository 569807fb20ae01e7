import type { Result } from '../core/index.ts';
import { fail } from './said.ts';
import type { WithPhotos } from '../files/photo-zip.ts';
import { NOT_STARTED } from '../workers/answer.ts';
import { startZipWorker } from '../workers/start.ts';
import type { ZipTask, ZipTold } from '../workers/zip.worker.ts';
import { notices } from './toast.svelte.ts';

/** Packs a file with its photos in a worker, and says how far it is. */
export async function zipped(write: WithPhotos): Promise<Result<Blob>> {
	const told = await work({ write }, 'Packing photos');
	if ('written' in told) return { ok: true, value: told.written };
	return fail('not-packed', { cause: causeIn(told) });
}

/** Unpacks a zip with photos in a worker, and says how far it is. */
export async function unzipped(read: Blob): Promise<Result<WithPhotos>> {
	const told = await work({ read }, 'Unpacking photos');
	return 'read' in told ? told.read : fail('not-unpacked', { cause: causeIn(told) });
}

type Ended = Exclude<ZipTold, { done: number }>;

const causeIn = (told: Ended): string => ('failed' in told ? told.failed : NOT_STARTED);

async function work(task: ZipTask, doing: string): Promise<Ended> {
	const worker = startZipWorker();
	try {
		return await new Promise<Ended>((resolve) => {
			worker.onmessage = ({ data }: MessageEvent<ZipTold>) => {
				if ('done' in data) notices.working(`${doing}: ${data.done} of ${data.of}`);
				else resolve(data);
			};
			worker.onerror = () => resolve({ failed: NOT_STARTED });
			worker.postMessage(task);
		});
	} finally {
		worker.terminate();
		notices.worked();
	}
}
