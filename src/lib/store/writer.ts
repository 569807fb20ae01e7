import type { Failure, Project, Result } from '../core/index.ts';
import type { Act, Journal } from './journal.ts';
import { newId } from './new-id.ts';

/** How the project stands with the browser's storage. */
export type Keeping =
	{ state: 'kept' } | { state: 'keeping' } | { state: 'failed'; error: Failure };

/** Writes a project over the row with the stamp it knows, under the next one. */
type Write = (project: Project, known: string, next: string) => Promise<Result<null>>;

/** Waits this long for more commands before writing, ms. */
const PAUSE = 20;

/** Waits before a write that the storage failed is tried again, ms; the last of them from then on. */
const AGAIN = [2_000, 5_000, 15_000, 60_000];

/**
 * The only writer of one project in this window: one write at a time, always the newest state.
 * Each command is in the journal before it returns. A write that the storage failed is tried again by itself, and with
 * the next command.
 */
export class Writer {
	#stamp: string;
	#journal: Journal;
	#write: Write;
	#report: (keeping: Keeping) => void;
	#pending: Project | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#again: ReturnType<typeof setTimeout> | undefined;
	#failures = 0;
	#writing: Promise<void> | null = null;
	/** Everything that is not written yet is in the journal. */
	#safe = true;

	constructor(stamp: string, journal: Journal, write: Write, report: (keeping: Keeping) => void) {
		this.#stamp = stamp;
		this.#journal = journal;
		this.#write = write;
		this.#report = report;
	}

	/** What was done would be lost if the page went away now. */
	get unsafe(): boolean {
		return this.#pending !== null && !this.#safe;
	}

	/** Takes the newest state to write, and the act that led to it. */
	take(project: Project, act: Act): void {
		this.#pending = project;
		if (!this.#journal.add(act)) this.#safe = false;
		this.#report({ state: 'keeping' });
		this.#timer ??= setTimeout(() => void this.flush(), PAUSE);
	}

	/** Writes what is pending now; resolves when nothing is left to write, or a write failed. */
	async flush(): Promise<void> {
		clearTimeout(this.#timer);
		clearTimeout(this.#again);
		this.#timer = undefined;
		this.#writing ??= this.#drain().finally(() => (this.#writing = null));
		await this.#writing;
	}

	/** Writes no more: what is pending stays pending. */
	close(): void {
		clearTimeout(this.#timer);
		clearTimeout(this.#again);
	}

	#tryAgain(): void {
		const wait = AGAIN[Math.min(this.#failures++, AGAIN.length - 1)];
		this.#again = setTimeout(() => void this.flush(), wait);
	}

	async #drain(): Promise<void> {
		while (this.#pending) {
			const project = this.#pending;
			const next = newId();
			this.#pending = null;
			this.#journal.writing(next);
			const written = await this.#write(project, this.#stamp, next);
			if (!written.ok) {
				this.#pending ??= project;
				this.#safe = false;
				if (written.error.code === 'changed-elsewhere') this.#journal.close();
				if (written.error.code === 'storage') this.#tryAgain();
				this.#report({ state: 'failed', error: written.error });
				return;
			}
			this.#stamp = next;
			this.#failures = 0;
			this.#journal.written(next);
			if (!this.#pending) {
				this.#safe = true;
				this.#report({ state: 'kept' });
			}
		}
	}
}
