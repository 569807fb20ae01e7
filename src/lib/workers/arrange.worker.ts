import {
	arrangeInRounds,
	remedies,
	type Progress,
	type Region,
	type Remedy,
	type Result,
	type ArrangeRequest
} from '../core/index.ts';
import { causeOf } from './answer.ts';

export interface ArrangeTask {
	wanted: ArrangeRequest;
	/** A region to offer where the wanted one is too small. */
	larger: Region | null;
}

export type ArrangeAnswer =
	| {
			found: Result<Progress>;
			/** What would make it fit, where it does not. */
			remedies: Remedy[];
	  }
	| { failed: string };

const tell = (answer: ArrangeAnswer) => self.postMessage(answer);

self.onmessage = ({ data: { wanted, larger } }: MessageEvent<ArrangeTask>) => {
	try {
		for (const found of arrangeInRounds(wanted)) {
			const tight = !found.ok && found.error.code === 'does-not-fit';
			tell({ found, remedies: tight ? remedies(wanted, larger) : [] });
		}
	} catch (error) {
		console.error(error);
		tell({ failed: causeOf(error) });
	}
};
