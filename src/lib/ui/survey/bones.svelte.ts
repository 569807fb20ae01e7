import { createContext } from 'svelte';
import {
	knownLean,
	knownStuds,
	type Bones,
	type Framing,
	type ProbeFacts
} from '$lib/core/index.ts';
import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
import { startBonesWorker } from '$lib/workers/start.ts';

/** The studs of the wall on the stage, reckoned in a worker. */
export class BonesWatch {
	#worker = new LatestOnlyWorker<ProbeFacts, Bones>(startBonesWorker);
	#facts: ProbeFacts | null = null;

	get bones(): Bones | null {
		return this.#worker.answer;
	}

	get busy(): boolean {
		return this.#worker.busy;
	}

	/** Why the studs could not be worked out; null where they were, or that is under way. */
	get failed(): string | null {
		return this.#worker.failed;
	}

	/** Middles of the studs that are as good as known, mm; none while they are not. */
	get known(): number[] {
		return knownStuds(this.bones);
	}

	get framing(): Framing {
		return { studs: this.known, lean: knownLean(this.bones) };
	}

	/** Asks what the facts say; null where no studs can be. The same facts are asked once. */
	ask(facts: ProbeFacts | null): void {
		if (facts === this.#facts) return;
		this.#facts = facts;
		if (facts === null) this.#worker.drop();
		else this.#worker.ask(facts);
	}

	/** Tries once more what failed. */
	retry(): void {
		this.#worker.retry();
	}

	close(): void {
		this.#worker.close();
	}
}

export const [getBones, setBones] = createContext<() => BonesWatch>();
