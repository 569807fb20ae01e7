import type { PaperPage } from '../core/index.ts';
import { pagesPdf } from '../files/true-size/pdf.ts';
import { causeOf } from './answer.ts';

export interface PdfTask {
	pages: readonly PaperPage[];
	title: string;
	/** Address of the type: a page’s own, so that it is there without a network. */
	face: string;
}

export type PdfTold = { done: number; of: number } | { file: Uint8Array } | { failed: string };

const tell = (told: PdfTold) => self.postMessage(told);

self.onmessage = async ({ data: { pages, title, face: address } }: MessageEvent<PdfTask>) => {
	try {
		const face = new Uint8Array(await (await fetch(address)).arrayBuffer());
		const onpage = (done: number, of: number) => tell({ done, of });
		tell({ file: await pagesPdf(pages, { title, face, onpage }) });
	} catch (error) {
		console.error(error);
		tell({ failed: causeOf(error) });
	}
};
