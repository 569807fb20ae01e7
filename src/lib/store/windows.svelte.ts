import { editLock } from './edit-lock.ts';

/** Whether a window may change a project, or shows what another one makes of it. */
export type Role = 'edits' | 'follows';

interface Told {
	projectId: string;
	what: 'wrote' | 'hand-over';
}

export interface Asked {
	/** Another window wrote: what it made is to be shown. */
	onwritten: () => void;
	/** This window edits from now on: what the other one made is to be taken up first. */
	onedits: () => void;
	/** Another window wants to edit: everything is to be written first. */
	onhandover: () => Promise<void>;
}

/** Waits so long for the other window to hand over before the project is taken from it, ms. */
const PATIENCE = 1_500;

const CHANNEL = 'warm-porch';

/**
 * Of all windows of one browser that have a project open, one edits it and the others follow. When that one closes,
 * the next edits. A browser without locks lets each window edit; none writes over another all the same.
 */
export class Windows {
	role: Role = $state('edits');
	#projectId: string;
	#asked: Asked;
	#channel: BroadcastChannel;
	#letGo: (() => void) | null = null;
	#queue = new AbortController();

	constructor(projectId: string, asked: Asked) {
		this.#projectId = projectId;
		this.#asked = asked;
		this.#channel = new BroadcastChannel(CHANNEL);
		this.#channel.onmessage = ({ data }: MessageEvent<Told>) => void this.#hear(data);
		if ('locks' in navigator) void this.#begin();
	}

	/** Says that this window wrote. */
	wrote(): void {
		this.#tell('wrote');
	}

	/** Makes this window the one that edits. */
	async takeOver(): Promise<void> {
		this.#tell('hand-over');
		const until = Date.now() + PATIENCE;
		while (this.role === 'follows' && Date.now() < until)
			await new Promise((resolve) => setTimeout(resolve, 30));
		if (this.role === 'edits') return;
		this.#leaveQueue();
		void this.#request({ steal: true }, true);
	}

	close(): void {
		this.#leaveQueue();
		this.#letGo?.();
		this.#channel.close();
	}

	async #begin(): Promise<void> {
		const got = await this.#request({ ifAvailable: true }, false);
		if (!got) this.#follow();
	}

	#follow(): void {
		this.role = 'follows';
		void this.#request({ signal: this.#queue.signal }, true);
	}

	#leaveQueue(): void {
		this.#queue.abort();
		this.#queue = new AbortController();
	}

	/** Asks for the right to edit; resolves once that is decided, and holds it until it is let go or taken. */
	#request(options: LockOptions, anew: boolean): Promise<boolean> {
		return new Promise((decided) => {
			navigator.locks
				.request(editLock(this.#projectId), options, (lock) => {
					decided(lock !== null);
					if (!lock) return undefined;
					this.role = 'edits';
					if (anew) this.#asked.onedits();
					return new Promise<void>((resolve) => (this.#letGo = resolve));
				})
				.catch((error: unknown) => {
					decided(false);
					// Another window took it; a place in the queue that was left is no loss.
					if (this.#letGo && error instanceof DOMException && error.name === 'AbortError') {
						this.#letGo = null;
						this.#follow();
					}
				});
		});
	}

	#tell(what: Told['what']): void {
		const told: Told = { projectId: this.#projectId, what };
		this.#channel.postMessage(told);
	}

	async #hear({ projectId, what }: Told): Promise<void> {
		if (projectId !== this.#projectId) return;
		if (what === 'wrote' && this.role === 'follows') this.#asked.onwritten();
		if (what === 'hand-over' && this.#letGo) {
			await this.#asked.onhandover();
			this.#letGo?.();
			this.#letGo = null;
			this.#follow();
		}
	}
}
