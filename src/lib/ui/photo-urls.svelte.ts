import { SvelteMap } from 'svelte/reactivity';
import { photoOf } from '../store/photos.ts';

/** Addresses of kept photos, made when first asked for and kept while the window is open. */
class PhotoUrls {
	#urls = new SvelteMap<string, string>();
	#asked = new Set<string>();

	/** The address of a photo; null until it is there, and when this browser has none of that hash. */
	get(projectId: string, hash: string): string | null {
		if (hash === '') return null;
		const known = this.#urls.get(hash);
		if (known) return known;
		if (!this.#asked.has(hash)) {
			this.#asked.add(hash);
			void this.#load(projectId, hash);
		}
		return null;
	}

	async #load(projectId: string, hash: string): Promise<void> {
		const row = await photoOf(projectId, hash);
		if (row) this.#urls.set(hash, URL.createObjectURL(row.blob));
		else this.#asked.delete(hash);
	}
}

export const photoUrls = new PhotoUrls();
