type Sonner = typeof import('svelte-sonner');

const WORKING = 'working';

/** The place where notices appear; fetched with the first notice, as most visits have none. */
class Notices {
	Toaster: Sonner['Toaster'] | null = $state.raw(null);
	#sonner: Promise<Sonner> | null = null;
	readonly #errors: (string | number)[] = [];

	success(text: string): void {
		void this.#show(({ toast }) => toast.success(text));
	}

	/** Stays long enough to be read, and as long as its page: it says what went wrong there. */
	error(text: string): void {
		void this.#show(({ toast }) => this.#errors.push(toast.error(text, { duration: 15_000 })));
	}

	/** Another page: what went wrong on the one before covers nothing here. */
	turnPage(): void {
		for (const id of this.#errors.splice(0)) void this.#show(({ toast }) => toast.dismiss(id));
	}

	/** Something was done that can be undone for a while. */
	undoable(text: string, undo: () => unknown): void {
		this.offer(text, 'Undo', undo);
	}

	/** Says something and offers what can be done about it; said again it is not shown twice. */
	offer(text: string, label: string, act: () => unknown): void {
		void this.#show(({ toast }) =>
			toast(text, { id: text, duration: 20_000, action: { label, onClick: () => void act() } })
		);
	}

	/** What is under way, and how far it is; one at a time. */
	working(text: string): void {
		void this.#show(({ toast }) => toast.loading(text, { id: WORKING }));
	}

	/** It is no longer under way. */
	worked(): void {
		void this.#show(({ toast }) => toast.dismiss(WORKING));
	}

	async #show(act: (sonner: Sonner) => void): Promise<void> {
		this.#sonner ??= import('svelte-sonner');
		const sonner = await this.#sonner;
		this.Toaster = sonner.Toaster;
		act(sonner);
	}
}

export const notices = new Notices();
