import { solveBones, type Bones, type ProbeFacts } from '../core/index.ts';

export interface BonesTask {
	/** Counts the questions, so that an answer finds its own. */
	asked: number;
	facts: ProbeFacts;
}
export interface BonesAnswer {
	asked: number;
	bones: Bones;
}

self.onmessage = ({ data: { asked, facts } }: MessageEvent<BonesTask>) => {
	self.postMessage({ asked, bones: solveBones(facts) } satisfies BonesAnswer);
};
