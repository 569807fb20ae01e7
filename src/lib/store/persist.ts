import { ownDb } from './db.ts';

const ASKED = 'persist';

/** Whether the browser promised to keep what is stored until the person deletes it; null where it cannot say. */
export async function isPersistent(): Promise<boolean | null> {
	return (await navigator.storage?.persisted?.().catch(() => null)) ?? null;
}

/** Asks for that promise once, with the first project of one’s own; the list of projects tells the answer. */
export async function askToPersist(): Promise<void> {
	try {
		if (!navigator.storage?.persist || (await ownDb.settings.get(ASKED))) return;
		await ownDb.settings.put({ key: ASKED, value: await navigator.storage.persist() });
	} catch {
		return;
	}
}
