/** How often a page that stays open asks for a new version, ms. */
const EACH = 3_600_000;

/** A newer version that waits until a person takes it. */
class NewVersion {
	#waiting: ServiceWorker | null = $state.raw(null);

	get ready(): boolean {
		return this.#waiting !== null;
	}

	/** Watches for one as long as the page is open. */
	async watch(): Promise<void> {
		if (!('serviceWorker' in navigator)) return;
		const registration = await navigator.serviceWorker.ready;
		// Where no build is at work yet, the first is no newer one.
		const look = () =>
			(this.#waiting = navigator.serviceWorker.controller ? registration.waiting : null);
		registration.addEventListener('updatefound', () =>
			registration.installing?.addEventListener('statechange', look)
		);
		look();
		setInterval(() => void registration.update().catch(() => undefined), EACH);
	}

	/** Loads it: the page begins anew with it, and other windows when they are loaded next. */
	take(): void {
		navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
			once: true
		});
		this.#waiting?.postMessage('take-over');
	}
}

export const newVersion = new NewVersion();
