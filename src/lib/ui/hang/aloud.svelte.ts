/** Read once more after so long, ms: time to climb down a step and look. */
const AGAIN = 20_000;

/** Reads aloud what stands on the screen, over and over, so that no hand is needed; where the browser can speak. */
export class Aloud {
	on = $state(false);
	readonly able = typeof speechSynthesis !== 'undefined';
	#timer: ReturnType<typeof setInterval> | undefined;

	/** To be made while a component starts. @param text what is to be read now. */
	constructor(text: () => string) {
		const spoken = $derived(this.on ? text() : null);
		$effect(() => {
			if (spoken === null) return;
			const words = spoken;
			this.#say(words);
			this.#timer = setInterval(() => this.#say(words), AGAIN);
			return () => {
				clearInterval(this.#timer);
				speechSynthesis.cancel();
			};
		});
	}

	#say(words: string): void {
		speechSynthesis.cancel();
		speechSynthesis.speak(new SpeechSynthesisUtterance(words));
	}
}
