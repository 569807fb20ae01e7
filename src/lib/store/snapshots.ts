import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { changesBetween, ok, openProject, type Project, type Result } from '../core/index.ts';
import { dbFor, ownDb, type SnapshotRow } from './db.ts';
import { fail } from './said.ts';
import { newId } from './new-id.ts';
import { photosIn } from './photos-of.ts';
import { storageTrouble } from './storage-trouble.ts';
import { EACH, toDrop } from './snapshot-age.ts';

/** Earlier versions take at most this share of what the browser gives us, and never more than so many bytes. */
const SHARE = 0.1;
const MOST = 100 * 1024 * 1024;

/** An earlier version as it is listed, the newest first. */
export interface Earlier {
	id: string;
	at: number;
	project: Project;
	/** What was done from the version before it to this one; empty for the first. */
	changes: readonly string[];
}

/** Keeps a project as it is now, to go back to, where the last time was an hour ago or `anyway`. */
export async function keepSnapshot(project: Project, at: number, anyway = false): Promise<boolean> {
	const db = dbFor(project.id);
	try {
		const there = await db.snapshots.where({ projectId: project.id }).toArray();
		const last = there.toSorted((a, b) => a.at - b.at).at(-1);
		if (last && (last.revision === project.revision || (!anyway && at - last.at < EACH)))
			return false;
		await db.snapshots.put({
			...{ id: newId(), projectId: project.id, at, revision: project.revision },
			bytes: deflateSync(strToU8(JSON.stringify(project)), { level: 6 }),
			photos: [...photosIn(project)]
		});
		await thin(project.id, at);
		return true;
	} catch {
		return false;
	}
}

async function thin(projectId: string, now: number): Promise<void> {
	const db = dbFor(projectId);
	const rows = await db.snapshots.toArray();
	const aged = rows.map(({ id, projectId: of, at, bytes }) => ({
		...{ id, at, projectId: of },
		size: bytes.length
	}));
	await db.snapshots.bulkDelete(toDrop(aged, now, await room()));
}

async function room(): Promise<number> {
	const { quota = Infinity } = (await navigator.storage?.estimate?.()) ?? {};
	return Math.min(quota * SHARE, MOST);
}

/** Earlier versions of a project that can be opened, the newest first, each with what was done up to it. */
export async function earlierOf(projectId: string): Promise<Result<Earlier[]>> {
	let rows: SnapshotRow[];
	try {
		rows = await dbFor(projectId).snapshots.where({ projectId }).toArray();
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
	const versions = rows
		.toSorted((a, b) => a.at - b.at)
		.flatMap(({ id, at, bytes }) => {
			const project = opened(bytes);
			return project ? [{ id, at, project }] : [];
		});
	return ok(
		versions
			.map((version, index): Earlier => {
				const before = versions[index - 1];
				return {
					...version,
					changes: before ? changesBetween(before.project, version.project) : []
				};
			})
			.toReversed()
	);
}

function opened(bytes: Uint8Array): Project | null {
	try {
		const project = openProject(JSON.parse(strFromU8(inflateSync(bytes))));
		return project.ok ? project.value : null;
	} catch {
		return null;
	}
}

/** Removes the earlier versions of projects that are gone; only while none is open in any window. */
export async function sweepSnapshots(): Promise<void> {
	const there = new Set(await ownDb.projects.toCollection().primaryKeys());
	const rows = await ownDb.snapshots.toArray();
	await ownDb.snapshots.bulkDelete(
		rows.filter(({ projectId }) => !there.has(projectId)).map(({ id }) => id)
	);
}
