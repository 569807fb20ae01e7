/** Keeps the screen from going dark while a page is shown; only browsers in a secure context can. */
export class Awake {
	held = $state(false);
	readonly able = 'wakeLock' in navigator;
	#lock: WakeLockSentinel | null = null;

	/** To be made while a component starts. */
	constructor() {
		$effect(() => {
			const ask = () => void this.#ask();
			ask();
			document.addEventListener('visibilitychange', ask);
			return () => {
				document.removeEventListener('visibilitychange', ask);
				void this.#lock?.release();
			};
		});
	}

	/** A lock is lost whenever the page is hidden. */
	async #ask(): Promise<void> {
		if (!this.able || document.visibilityState !== 'visible') return;
		try {
			this.#lock = await navigator.wakeLock.request('screen');
			this.held = true;
			this.#lock.addEventListener('release', () => (this.held = false));
		} catch {
			this.held = false;
		}
	}
}
