import type { Candidate, Failure, Remedy } from '$lib/core/index.ts';
import type { ArrangeAnswer, ArrangeTask } from '$lib/workers/arrange.worker.ts';
import { NOT_STARTED } from '$lib/workers/answer.ts';
import { startArrangeWorker } from '$lib/workers/start.ts';

/** A search for arrangements in a worker; it can be stopped, and keeps the best so far. */
export class Ideas {
	candidates: Candidate[] = $state.raw([]);
	trouble: Failure | null = $state.raw(null);
	/** What would make it fit, where it does not. */
	remedies: Remedy[] = $state.raw([]);
	/** Rounds done, of all; null while nothing is under way. */
	progress: { done: number; of: number } | null = $state.raw(null);
	/** Why the search broke off; null where it did not. */
	failed: string | null = $state(null);
	#worker: Worker | null = null;
	#task: ArrangeTask | null = null;

	ask(task: ArrangeTask): void {
		this.forget();
		this.progress = { done: 0, of: 1 };
		this.#worker = startArrangeWorker();
		this.#worker.onmessage = ({ data }: MessageEvent<ArrangeAnswer>) => {
			if ('failed' in data) {
				this.failed = data.failed;
				this.stop();
				return;
			}
			if (!data.found.ok) {
				this.trouble = data.found.error;
				this.remedies = data.remedies;
				this.stop();
				return;
			}
			const { done, of, candidates } = data.found.value;
			this.candidates = candidates;
			this.progress = { done, of };
			if (done === of) this.stop();
		};
		this.#worker.onerror = () => {
			this.failed = NOT_STARTED;
			this.stop();
		};
		this.#task = task;
		this.#worker.postMessage(task);
	}

	/** Searches once more what was asked for last. */
	retry(): void {
		if (this.#task) this.ask(this.#task);
	}

	/** Ends the search; what was found stays. */
	stop(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.progress = null;
	}

	forget(): void {
		this.stop();
		this.candidates = [];
		this.trouble = null;
		this.remedies = [];
		this.failed = null;
	}
}
