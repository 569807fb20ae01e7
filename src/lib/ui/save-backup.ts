import { formatISO } from 'date-fns';
import { download } from '../files/download.ts';
import { writeBackup } from '../files/backup.ts';
import { backedUp, everything } from '../store/backup.ts';
import { now } from '../store/clock.ts';
import { notices } from './toast.svelte.ts';
import { zipped } from './zip.ts';

/** Saves everything this browser keeps as one file; whether it was saved. */
export async function saveBackup(): Promise<boolean> {
	const all = await everything(now());
	if (!all.ok) {
		notices.error(all.error.message);
		return false;
	}
	const zip = await zipped(writeBackup(all.value));
	if (!zip.ok) {
		notices.error(zip.error.message);
		return false;
	}
	const day = formatISO(now(), { representation: 'date' });
	download(`warm-porch-backup-${day}.zip`, zip.value, 'application/zip');
	await backedUp(all.value);
	return true;
}
