import face from '@expo-google-fonts/barlow-condensed/500Medium/BarlowCondensed_500Medium.ttf?url';
import { download } from '$lib/files/download.ts';
import type { PdfTask, PdfTold } from '$lib/workers/pdf.worker.ts';
import { NOT_STARTED } from '$lib/workers/answer.ts';
import { startPdfWorker } from '$lib/workers/start.ts';

/** Writes pages as a PDF in a worker, and saves it. */
export class PdfMaker {
	/** Pages written; null while nothing is under way. */
	progress: { done: number; of: number } | null = $state.raw(null);
	failed = $state('');
	#worker: Worker | null = null;

	save(name: string, task: Omit<PdfTask, 'face'>): void {
		this.stop();
		this.failed = '';
		this.progress = { done: 0, of: task.pages.length };
		this.#worker = startPdfWorker();
		this.#worker.onmessage = ({ data }: MessageEvent<PdfTold>) => {
			if ('done' in data) {
				this.progress = data;
				return;
			}
			if ('file' in data) download(name, new Blob([data.file as BlobPart]), 'application/pdf');
			else this.failed = data.failed;
			this.stop();
		};
		this.#worker.onerror = () => {
			this.failed = NOT_STARTED;
			this.stop();
		};
		this.#worker.postMessage({ ...task, face } satisfies PdfTask);
	}

	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.progress = null;
	}
}
