import type { Answered, Asked } from './answer.ts';

/** A worker that is asked again and again; only the newest question is answered. */
export class Newest<Question, Answer> {
	/** To the last question that was answered. */
	answer: Answer | null = $state.raw(null);
	/** An answer is on its way. */
	busy = $state(false);
	#start: () => Worker;
	#worker: Worker | null = null;
	#asked = 0;
	#waiting: Question | null = null;

	constructor(start: () => Worker) {
		this.#start = start;
	}

	ask(question: Question): void {
		if (this.busy) this.#waiting = question;
		else this.#send(question);
	}

	/** Whatever is under way no longer matters. */
	drop(): void {
		this.#asked++;
		this.#waiting = null;
		this.answer = null;
		this.busy = false;
	}

	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}

	#send(question: Question): void {
		this.#worker ??= this.#listen();
		this.busy = true;
		this.#worker.postMessage({ asked: ++this.#asked, question } satisfies Asked<Question>);
	}

	#listen(): Worker {
		const worker = this.#start();
		worker.onmessage = ({ data }: MessageEvent<Answered<Answer>>) => {
			const next = this.#waiting;
			this.#waiting = null;
			if (data.asked === this.#asked) this.answer = data.answer;
			this.busy = false;
			if (next) this.#send(next);
		};
		return worker;
	}
}
