import { kitSchema, type Kit } from '../core/index.ts';
import { ownDb } from './db.ts';

const KEY = 'kit';

/** The person's own hooks, as kept for every project; empty where nothing is kept or can be read. */
export async function readOwnKit(): Promise<Kit> {
	try {
		const kept = kitSchema.safeParse((await ownDb.settings.get(KEY))?.value);
		return kept.success ? kept.data : {};
	} catch {
		return {};
	}
}

/** Keeps the hooks of a project beside those kept before; false where the browser does not let us. */
export async function keepOwnKit(kit: Kit): Promise<boolean> {
	try {
		const value = { ...(await readOwnKit()), ...kit };
		await ownDb.settings.put({ key: KEY, value });
		return true;
	} catch {
		return false;
	}
}
