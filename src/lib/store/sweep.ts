import { ownDb } from './db.ts';
import { PHOTO_LOCK } from './photo-lock.ts';
import { sweepSnapshots } from './snapshots.ts';

/**
 * Removes photos that no kept project, no step of one and no earlier version refers to. Only while no project is open
 * in any window, as an undo may still bring one back; a browser without locks keeps them all.
 */
export async function sweep(): Promise<void> {
	if (!('locks' in navigator)) return;
	await navigator.locks.request(PHOTO_LOCK, { ifAvailable: true }, async (lock) => {
		if (!lock) return;
		const db = ownDb;
		try {
			await sweepSnapshots();
			const [rows, steps, snapshots, keys] = await Promise.all([
				db.projects.toArray(),
				db.steps.toArray(),
				db.snapshots.toArray(),
				db.photos.toCollection().primaryKeys()
			]);
			// What can be undone, or gone back to, may still ask for one.
			const text = JSON.stringify([
				...rows.map(({ project }) => project),
				...steps.map(({ step }) => step),
				...snapshots.map(({ photos }) => photos)
			]);
			await db.photos.bulkDelete(keys.filter((hash) => !text.includes(hash)));
		} catch {
			return;
		}
	});
}
