import { createContext } from 'svelte';
import type { Bones, ProbeFacts } from '$lib/core/index.ts';
import type { BonesAnswer, BonesTask } from '$lib/workers/bones.worker.ts';
import { startBonesWorker } from '$lib/workers/start.ts';

/** The studs of the wall on the stage, reckoned in a worker; only the newest question is answered. */
export class BonesWatch {
	bones: Bones | null = $state.raw(null);
	/** An answer is on its way. */
	busy = $state(false);
	#worker: Worker | null = null;
	#asked = 0;
	#facts: ProbeFacts | null = null;
	#waiting: ProbeFacts | null = null;

	/** Middles of the studs that are as good as known, mm; none while they are not. */
	get known(): number[] {
		const estimate = this.bones?.estimate;
		return estimate?.ok && estimate.value.known ? estimate.value.studs.map(({ x }) => x) : [];
	}

	/** Asks what the facts say; null where no studs can be. The same facts are asked once. */
	ask(facts: ProbeFacts | null): void {
		if (facts === this.#facts) return;
		this.#facts = facts;
		if (facts === null) {
			this.#asked++;
			this.bones = null;
			this.busy = false;
			return;
		}
		if (this.busy) this.#waiting = facts;
		else this.#send(facts);
	}

	close(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}

	#send(facts: ProbeFacts): void {
		this.#worker ??= this.#start();
		this.busy = true;
		this.#worker.postMessage({ asked: ++this.#asked, facts } satisfies BonesTask);
	}

	#start(): Worker {
		const worker = startBonesWorker();
		worker.onmessage = ({ data }: MessageEvent<BonesAnswer>) => {
			const next = this.#waiting;
			this.#waiting = null;
			if (data.asked === this.#asked) this.bones = data.bones;
			this.busy = false;
			if (next) this.#send(next);
		};
		return worker;
	}
}

export const [getBones, setBones] = createContext<() => BonesWatch>();
