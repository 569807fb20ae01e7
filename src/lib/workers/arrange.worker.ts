import { arrangeInRounds, type Progress, type Result, type Wanted } from '../core/index.ts';

export type ArrangeAnswer = Result<Progress>;

self.onmessage = ({ data }: MessageEvent<Wanted>) => {
	for (const answer of arrangeInRounds(data)) self.postMessage(answer satisfies ArrangeAnswer);
};
