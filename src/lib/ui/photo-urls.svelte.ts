import { SvelteMap } from 'svelte/reactivity';
import { SMALL_SIDE, smallCopy } from '../photos/small-copy.ts';
import { keepSmall, photosBy } from '../store/photos.ts';
import type { PhotoRow } from '../store/db.ts';

/** A photo to be read, and whether its small copy serves. */
interface Wanted {
	hash: string;
	small: boolean;
}

const keyOf = ({ hash, small }: Wanted): string => (small ? `${hash}/small` : hash);

/** Addresses of kept photos, made when first asked for and kept while the window is open. */
class PhotoUrls {
	#urls = new SvelteMap<string, string>();
	#asked = new Set<string>();
	/** Asked for and not read yet, by project. */
	#wanted = new Map<string, Wanted[]>();
	#shrinking: Promise<void> = Promise.resolve();

	/**
	 * The address of a photo that is shown no longer and no wider than `side` pixels of the screen; null until it is
	 * there, and when this browser has none of that hash. Where a small copy serves, it is that of the copy.
	 */
	get(projectId: string, hash: string, side = Infinity): string | null {
		if (hash === '') return null;
		const wanted = { hash, small: side <= SMALL_SIDE };
		const key = keyOf(wanted);
		const known = this.#urls.get(key);
		if (known) return known;
		if (!this.#asked.has(key)) {
			this.#asked.add(key);
			this.#want(projectId, wanted);
		}
		// The copy serves until the whole of it is there.
		return this.#urls.get(`${hash}/small`) ?? null;
	}

	/** What is asked for at once is read at once. */
	#want(projectId: string, wanted: Wanted): void {
		const waiting = this.#wanted.get(projectId);
		if (waiting) {
			waiting.push(wanted);
			return;
		}
		this.#wanted.set(projectId, [wanted]);
		setTimeout(() => void this.#read(projectId));
	}

	async #read(projectId: string): Promise<void> {
		const all = this.#wanted.get(projectId) ?? [];
		this.#wanted.delete(projectId);
		const rows = await photosBy(
			projectId,
			all.map(({ hash }) => hash)
		);
		for (const [index, wanted] of all.entries()) this.#take(projectId, wanted, rows[index]);
	}

	#take(projectId: string, wanted: Wanted, row: PhotoRow | undefined): void {
		if (!row) {
			this.#asked.delete(keyOf(wanted));
			return;
		}
		this.#urls.set(keyOf(wanted), URL.createObjectURL((wanted.small && row.small) || row.blob));
		if (wanted.small && !row.small)
			this.#shrinking = this.#shrinking.then(() => this.#shrink(projectId, row));
	}

	/** One after another, so that many new photos leave the screen its time. */
	async #shrink(projectId: string, row: PhotoRow): Promise<void> {
		const small = await smallCopy(row).catch(() => null);
		if (small) await keepSmall(projectId, row.hash, small);
	}
}

export const photoUrls = new PhotoUrls();
