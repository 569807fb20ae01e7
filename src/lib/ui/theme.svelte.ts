import type { Theme } from '../store/settings.ts';

/** The store is fetched when there is something to read or to keep: a first visit has nothing. */
const settings = () => import('../store/settings.ts');

/** Whether this browser keeps anything of ours; true where it cannot tell. */
async function anythingKept(): Promise<boolean> {
	try {
		const kept = await indexedDB.databases();
		return kept.some(({ name }) => name === 'warm-porch');
	} catch {
		return true;
	}
}

/** The theme in use, kept between visits. */
class ThemeChoice {
	chosen: Theme = $state('system');

	/** Applies the kept theme and follows the system while none is chosen. */
	async start(): Promise<void> {
		const dark = matchMedia('(prefers-color-scheme: dark)');
		dark.addEventListener('change', () => this.#apply());
		this.#apply();
		if (!(await anythingKept())) return;
		this.chosen = await (await settings()).readTheme();
		this.#apply();
	}

	choose(theme: Theme): void {
		this.chosen = theme;
		// What is seen is kept by then: a page that goes at once comes back as it was. An earlier choice shows nothing.
		const kept = settings().then(({ keepTheme }) => keepTheme(theme));
		void kept.finally(() => this.chosen === theme && this.#apply());
	}

	#apply(): void {
		const system = matchMedia('(prefers-color-scheme: dark)').matches ? 'porch-dusk' : 'porch-day';
		document.documentElement.dataset.theme = this.chosen === 'system' ? system : this.chosen;
	}
}

export const theme = new ThemeChoice();
