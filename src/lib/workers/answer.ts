/** A question with its number, so that an answer finds its own. */
export interface Asked<Question> {
	asked: number;
	question: Question;
}

export interface Answered<Answer> {
	asked: number;
	answer: Answer;
}

/** In a worker: answers every question by a function. */
export function answerBy<Question, Answer>(
	answer: (question: Question) => Answer | Promise<Answer>
): void {
	self.onmessage = async ({ data: { asked, question } }: MessageEvent<Asked<Question>>) =>
		self.postMessage({ asked, answer: await answer(question) } satisfies Answered<Answer>);
}
