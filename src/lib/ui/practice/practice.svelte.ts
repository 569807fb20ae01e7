import {
	hiddenWall,
	practiceScore,
	seeded,
	tryTool,
	doubtIn,
	type Hint,
	type HiddenKind,
	type HiddenWall,
	type ProbeFacts,
	type ProbeTool,
	type PracticeScore,
	type Try
} from '$lib/core/index.ts';
import type { Others } from '$lib/workers/practice.worker.ts';
import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
import { startPracticeWorker } from '$lib/workers/start.ts';

export const PRACTICE = { width: 3600, height: 2400 };

/** One round on a practice wall: tries, then names, then the board is lifted. */
export class Practice {
	readonly wall;
	readonly seed: number;
	tries: Try[] = $state.raw([]);
	hints: Hint[] = $state.raw([]);
	/** Places the person names as the middle of a stud, mm. */
	named: number[] = $state.raw([]);
	said = $state('');
	score: PracticeScore | null = $state.raw(null);
	/** Seconds the search took. */
	seconds = $state(0);
	facts: ProbeFacts = $state.raw({ wallWidth: PRACTICE.width, hints: [] });
	#began = Date.now();
	#draw: () => number;
	#others = new LatestOnlyWorker<HiddenWall, Others>(startPracticeWorker);

	constructor(seed: number, kind?: HiddenKind) {
		this.seed = seed;
		this.wall = hiddenWall(seed, PRACTICE.width, kind);
		this.#draw = seeded(seed + 1);
	}

	try(tool: ProbeTool, x: number): void {
		if (this.score || x < 0 || x > PRACTICE.width) return;
		const { found, said, hint, hole } = tryTool(this.wall, tool, x, this.#draw);
		this.tries = [...this.tries, { tool, x, found, hole }];
		this.said = said;
		if (!hint) return;
		this.hints = [...this.hints, hint];
		this.facts = { wallWidth: PRACTICE.width, hints: this.hints, ...doubtIn(this.wall) };
	}

	name(x: number): void {
		const near = this.named.find((each) => Math.abs(each - x) < 30);
		this.named =
			near === undefined
				? [...this.named, x].sort((a, b) => a - b)
				: this.named.filter((each) => each !== near);
	}

	lift(): void {
		this.seconds = Math.round((Date.now() - this.#began) / 1000);
		this.score = practiceScore(this.wall, this.tries, this.named);
		this.compare();
	}

	/** Searches the same wall by advice and by quarters, to set beside what the person found. */
	compare(): void {
		this.#others.ask(this.wall);
	}

	/** null while they are being worked out. */
	get others(): Others | null {
		return this.#others.answer;
	}

	/** Why they could not be; null where they were, or that is under way. */
	get failed(): string | null {
		return this.#others.failed;
	}

	close(): void {
		this.#others.close();
	}
}
