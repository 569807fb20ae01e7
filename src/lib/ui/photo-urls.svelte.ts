import { SvelteMap } from 'svelte/reactivity';
import { SMALL_SIDE, smallCopy } from '../photos/small-copy.ts';
import { keepSmall, photoOf } from '../store/photos.ts';
import type { PhotoRow } from '../store/db.ts';

/** Addresses of kept photos, made when first asked for and kept while the window is open. */
class PhotoUrls {
	#urls = new SvelteMap<string, string>();
	#asked = new Set<string>();
	#shrinking: Promise<void> = Promise.resolve();

	/**
	 * The address of a photo that is shown no longer and no wider than `side` pixels of the screen; null until it is
	 * there, and when this browser has none of that hash. Where a small copy serves, it is that of the copy.
	 */
	get(projectId: string, hash: string, side = Infinity): string | null {
		if (hash === '') return null;
		const small = side <= SMALL_SIDE;
		const key = small ? `${hash}/small` : hash;
		const known = this.#urls.get(key);
		if (known) return known;
		if (!this.#asked.has(key)) {
			this.#asked.add(key);
			void this.#load(projectId, hash, key, small);
		}
		// The copy serves until the whole of it is there.
		return this.#urls.get(`${hash}/small`) ?? null;
	}

	async #load(projectId: string, hash: string, key: string, small: boolean): Promise<void> {
		const row = await photoOf(projectId, hash);
		if (!row) {
			this.#asked.delete(key);
			return;
		}
		this.#urls.set(key, URL.createObjectURL((small && row.small) || row.blob));
		if (small && !row.small)
			this.#shrinking = this.#shrinking.then(() => this.#shrink(projectId, row));
	}

	/** One after another, so that many new photos leave the screen its time. */
	async #shrink(projectId: string, row: PhotoRow): Promise<void> {
		const small = await smallCopy(row).catch(() => null);
		if (small) await keepSmall(projectId, row.hash, small);
	}
}

export const photoUrls = new PhotoUrls();
