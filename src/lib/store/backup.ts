import { openProject, ok, type Kit, type Project, type Result } from '../core/index.ts';
import type { Backup, Restoring } from '../files/backup.ts';
import { ownDb } from './db.ts';
import { isEdited } from './edit-lock.ts';
import { keepOwnKit, readOwnKit } from './own-kit.ts';
import { photosIn } from './photos-of.ts';
import { keepZippedPhoto } from './photos.ts';
import { copyOf, keepProject, loadProject } from './projects.ts';
import { fail } from './said.ts';
import { keepSnapshot } from './snapshots.ts';
import { storageTrouble } from './storage-trouble.ts';

const LAST = 'last-backup';

/** What the last backup held: projects with their revisions. */
export interface LastBackup {
	/** Milliseconds since 1970. */
	at: number;
	revisions: Record<string, number>;
}

/** Everything this browser keeps of the person’s own that can be opened. */
export async function everything(now: Date): Promise<Result<Backup>> {
	try {
		const rows = await ownDb.projects.orderBy('updated').reverse().toArray();
		const projects = rows.flatMap(({ project }) => {
			const opened = openProject(project);
			return opened.ok ? [opened.value] : [];
		});
		const hashes = [...new Set(projects.flatMap((project) => [...photosIn(project)]))];
		const photos = (await ownDb.photos.bulkGet(hashes)).filter((row) => row !== undefined);
		return ok({
			...{ at: now.toISOString(), kit: await readOwnKit(), projects },
			photos: photos.map(({ hash, blob }) => ({ hash, blob }))
		});
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Remembers what was saved, so that nobody is reminded for nothing. */
export async function backedUp({ at, projects }: Backup): Promise<void> {
	const last: LastBackup = {
		at: Date.parse(at),
		revisions: Object.fromEntries(projects.map(({ id, revision }) => [id, revision]))
	};
	await ownDb.settings.put({ key: LAST, value: last }).catch(() => undefined);
}

/** The last backup that was saved from this browser; null for none. */
export async function lastBackup(): Promise<LastBackup | null> {
	try {
		return ((await ownDb.settings.get(LAST))?.value as LastBackup | undefined) ?? null;
	} catch {
		return null;
	}
}

/** How many of some projects changed since they were last saved in a backup. */
export const unsaved = (projects: readonly Project[], last: LastBackup | null): number =>
	projects.filter(({ id, revision }) => (last?.revisions ?? {})[id] !== revision).length;

/**
 * Takes one project of a backup as it was, or beside the one that is here; what it takes the place of stays among its
 * earlier versions. Errors: `edited`, and those of the storage.
 */
export async function restore(
	project: Project,
	as: Exclude<Restoring, 'leave'>
): Promise<Result<Project>> {
	if (as === 'beside') {
		const copy = copyOf(project);
		const kept = await keepProject(copy);
		return kept.ok ? ok(copy) : kept;
	}
	if (await isEdited(project.id)) return fail('edited', { name: project.name });
	const here = await loadProject(project.id);
	if (here.ok) await keepSnapshot(here.value.project, Date.now(), true);
	const kept = await keepProject(project);
	return kept.ok ? ok(project) : kept;
}

/** Keeps what else a backup holds: its photos and own hooks; the sentences of what could not be kept. */
export async function restoreRest({
	kit,
	photos
}: Pick<Backup, 'photos'> & { kit: Kit }): Promise<string[]> {
	const troubles: string[] = [];
	for (const photo of photos) {
		const kept = await keepZippedPhoto('', photo);
		if (!kept.ok) troubles.push(kept.error.message);
	}
	if (Object.keys(kit).length > 0) await keepOwnKit(kit);
	return troubles;
}
