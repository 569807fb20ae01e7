import faceUrl from '@expo-google-fonts/barlow-condensed/500Medium/BarlowCondensed_500Medium.ttf?url';
import type { PaperPage } from '../core/index.ts';
import { pagesPdf } from '../files/true-size/pdf.ts';
import { causeOf } from './answer.ts';

export interface PdfTask {
	pages: readonly PaperPage[];
	title: string;
}

export type PdfTold = { done: number; of: number } | { file: Uint8Array } | { failed: string };

const tell = (told: PdfTold) => self.postMessage(told);

self.onmessage = async ({ data: { pages, title } }: MessageEvent<PdfTask>) => {
	try {
		const face = new Uint8Array(await (await fetch(faceUrl)).arrayBuffer());
		const onpage = (done: number, of: number) => tell({ done, of });
		tell({ file: await pagesPdf(pages, { title, face, onpage }) });
	} catch (error) {
		console.error(error);
		tell({ failed: causeOf(error) });
	}
};
