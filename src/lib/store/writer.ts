import type { Failure, Project, Result } from '../core/index.ts';

/** How the project stands with the browser's storage. */
export type Keeping =
	{ state: 'kept' } | { state: 'keeping' } | { state: 'failed'; error: Failure };

type Write = (project: Project, stamp: string) => Promise<Result<string>>;

/** Waits this long for more commands before writing, ms. */
const PAUSE = 250;

/**
 * The only writer of one project in this window: one write at a time, always the newest state,
 * within a second of each command. A failed write is tried again with the next command.
 */
export class Writer {
	#stamp: string;
	#write: Write;
	#report: (keeping: Keeping) => void;
	#pending: Project | null = null;
	#timer: ReturnType<typeof setTimeout> | undefined;
	#writing: Promise<void> | null = null;

	constructor(stamp: string, write: Write, report: (keeping: Keeping) => void) {
		this.#stamp = stamp;
		this.#write = write;
		this.#report = report;
	}

	/** Takes the newest state to write. */
	take(project: Project): void {
		this.#pending = project;
		this.#report({ state: 'keeping' });
		this.#timer ??= setTimeout(() => void this.flush(), PAUSE);
	}

	/** Writes what is pending now; resolves when nothing is left to write. */
	async flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		this.#writing ??= this.#drain().finally(() => (this.#writing = null));
		await this.#writing;
	}

	async #drain(): Promise<void> {
		while (this.#pending) {
			const project = this.#pending;
			this.#pending = null;
			const written = await this.#write(project, this.#stamp);
			if (!written.ok) {
				this.#pending ??= project;
				this.#report({ state: 'failed', error: written.error });
				return;
			}
			this.#stamp = written.value;
			if (!this.#pending) this.#report({ state: 'kept' });
		}
	}
}
