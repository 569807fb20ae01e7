import { ownDb } from './db.ts';

const KEY = 'walk';

/** How far somebody walked through the demo: the next step, or `null` once it was left or walked to its end. */
export async function readWalk(): Promise<number | null | undefined> {
	try {
		return (await ownDb.settings.get(KEY))?.value as number | null | undefined;
	} catch {
		return null;
	}
}

export async function keepWalk(step: number | null): Promise<void> {
	await ownDb.settings.put({ key: KEY, value: step }).catch(() => undefined);
}
