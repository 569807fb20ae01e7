import { untrack } from 'svelte';
import { NOT_STARTED, type Answered, type Asked } from './answer.ts';

/** A worker that is asked again and again; only the newest question is answered. */
export class LatestOnlyWorker<Question, Answer> {
	/** To the last question that was answered; null after one that could not be. */
	answer: Answer | null = $state.raw(null);
	/** An answer is on its way. */
	busy = $state(false);
	/** Why the last question could not be answered; null where it was, or is under way. */
	failed: string | null = $state(null);
	#start: () => Worker;
	#worker: Worker | null = null;
	#asked = 0;
	#waiting: Question | null = null;
	#last: Question | null = null;

	constructor(start: () => Worker) {
		this.#start = start;
	}

	/** An effect that asks is not run again by what becomes of its question. */
	ask(question: Question): void {
		this.#last = question;
		if (untrack(() => this.busy)) this.#waiting = question;
		else this.#send(question);
	}

	/** Asks the last question once more, of a new worker. */
	retry(): void {
		this.close();
		if (this.#last !== null) this.ask(this.#last);
	}

	/** Whatever is under way no longer matters. */
	drop(): void {
		this.#asked++;
		this.#waiting = null;
		this.#last = null;
		this.answer = null;
		this.failed = null;
		this.busy = false;
	}

	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.#waiting = null;
		this.busy = false;
	}

	#send(question: Question): void {
		this.failed = null;
		this.busy = true;
		this.#worker ??= this.#listen();
		this.#worker.postMessage({ asked: ++this.#asked, question } satisfies Asked<Question>);
	}

	#listen(): Worker {
		const worker = this.#start();
		worker.onmessage = ({ data }: MessageEvent<Answered<Answer>>) => {
			if (data.asked === this.#asked) {
				this.answer = 'answer' in data ? data.answer : null;
				this.failed = 'failed' in data ? data.failed : null;
			}
			this.#settle();
		};
		worker.onerror = () => {
			this.#worker?.terminate();
			this.#worker = null;
			this.answer = null;
			this.failed = NOT_STARTED;
			this.#settle();
		};
		return worker;
	}

	#settle(): void {
		const next = this.#waiting;
		this.#waiting = null;
		this.busy = false;
		if (next !== null) this.#send(next);
	}
}
