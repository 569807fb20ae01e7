import {
	arrangeInRounds,
	remedies,
	type Progress,
	type Region,
	type Remedy,
	type Result,
	type Wanted
} from '../core/index.ts';

export interface ArrangeTask {
	wanted: Wanted;
	/** A region to offer where the wanted one is too small. */
	larger: Region | null;
}

export interface ArrangeAnswer {
	found: Result<Progress>;
	/** What would make it fit, where it does not. */
	remedies: Remedy[];
}

self.onmessage = ({ data: { wanted, larger } }: MessageEvent<ArrangeTask>) => {
	for (const found of arrangeInRounds(wanted)) {
		const tight = !found.ok && found.error.code === 'does-not-fit';
		self.postMessage({
			found,
			remedies: tight ? remedies(wanted, larger) : []
		} satisfies ArrangeAnswer);
	}
};
