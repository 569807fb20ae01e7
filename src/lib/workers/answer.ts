/** A question with its number, so that an answer finds its own. */
export interface Asked<Question> {
	asked: number;
	question: Question;
}

/** An answer, or why there is none. */
export type Answered<Answer> = { asked: number } & ({ answer: Answer } | { failed: string });

/** In a worker: answers every question by a function, and says so where that throws. */
export function answerBy<Question, Answer>(
	answer: (question: Question) => Answer | Promise<Answer>
): void {
	self.onmessage = async ({ data: { asked, question } }: MessageEvent<Asked<Question>>) => {
		try {
			self.postMessage({ asked, answer: await answer(question) } satisfies Answered<Answer>);
		} catch (error) {
			console.error(error);
			self.postMessage({ asked, failed: causeOf(error) } satisfies Answered<Answer>);
		}
	};
}

/** What went wrong, as one sentence. */
export const causeOf = (error: unknown): string =>
	`${error instanceof Error ? error.message : String(error)}`.replace(/\.?$/, '.');

/** Why a worker that never answered did not: it could not be started, or broke before it could say. */
export const NOT_STARTED = 'this browser could not start the worker.';
