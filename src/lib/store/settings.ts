import { ownDb } from './db.ts';

export type Theme = 'system' | 'porch-day' | 'porch-dusk';

/** The kept theme; the system's own where nothing is kept or can be read. */
export async function readTheme(): Promise<Theme> {
	try {
		const row = await ownDb.settings.get('theme');
		return row?.value === 'porch-day' || row?.value === 'porch-dusk' ? row.value : 'system';
	} catch {
		return 'system';
	}
}

/** Keeps the theme where the browser lets us; a blocked store costs only the memory of it. */
export async function keepTheme(theme: Theme): Promise<void> {
	try {
		await ownDb.settings.put({ key: 'theme', value: theme });
	} catch {
		return;
	}
}
