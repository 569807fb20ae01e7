import { fail } from './said.ts';
import { ok, openProject, type Failure, type Project, type Result } from '../core/index.ts';
import { dbFor, isDemo, ownDb, type ProjectRow } from './db.ts';
import { takenUp } from './journal.ts';
import { slotsOf } from './journal-slots.ts';
import { newId } from './new-id.ts';
import { clearLog, readLog, writeLog } from './steps.ts';
import { EMPTY_LOG, wholeLog, type UndoChange, type UndoLog, type UndoRange } from './undo-log.ts';
import { storageTrouble } from './storage-trouble.ts';
import { validateForSave } from './validate-for-save.ts';
import { holdPhotos } from './photo-lock.ts';
import { isEdited } from './edit-lock.ts';

/** A project in the list of recent ones; one that cannot be read is listed with why, and as it is kept. */
export type Listed = { id: string; name: string; updated: number } & (
	{ project: Project } | { unreadable: Failure; row: ProjectRow }
);

/** The person's own projects, newest first. */
export async function listProjects(): Promise<Result<Listed[]>> {
	try {
		const rows = await ownDb.projects.orderBy('updated').reverse().toArray();
		return ok(
			rows.map((row): Listed => {
				const { id, name, updated } = row;
				const opened = openProject(row.project);
				return opened.ok
					? { id, name, updated, project: opened.value }
					: { id, name, updated, unreadable: opened.error, row };
			})
		);
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Projects this window holds because the browser would not keep them. */
const held = new Map<string, Project>();

/** A kept project and the stamp it was written with. */
export interface Loaded {
	project: Project;
	stamp: string;
	/** Part of it could only be taken up from a journal: it is still to be written. */
	unwritten: boolean;
	/** What can be undone of it. */
	log: UndoLog;
}

/**
 * A kept project, with what was done in a page that went away before it was written; that is left alone while another
 * window edits, as it is still to be written there.
 */
export async function loadProject(id: string, editing = false): Promise<Result<Loaded>> {
	const db = dbFor(id);
	let row: ProjectRow | undefined;
	let log: UndoLog = EMPTY_LOG;
	try {
		await db.transaction('r', db.projects, db.steps, async () => {
			row = await db.projects.get(id);
			if (row) log = await readLog(db, row);
		});
	} catch (error) {
		const project = held.get(id);
		return project
			? ok({ project, stamp: '', unwritten: false, log })
			: fail('storage', { error: storageTrouble(error) });
	}
	if (!row) return fail('no-such-project');
	const project = openProject(row.project);
	if (!project.ok) return project;
	const there = { project: project.value, stamp: row.stamp, log };
	return ok(
		editing || !(await isEdited(id)) ? await takeUp(there) : { ...there, unwritten: false }
	);
}

/** Takes up what a window left in its journal, and writes it. */
async function takeUp(row: Omit<Loaded, 'unwritten'>): Promise<Loaded> {
	const slots = slotsOf(row.project.id);
	const [taken] = slots
		.flatMap((slot) => takenUp(slot.read(), row) ?? [])
		.sort((a, b) => b.project.revision - a.project.revision);
	if (!taken) {
		for (const slot of slots) slot.clear();
		return { ...row, unwritten: false };
	}
	const stamp = newId();
	const written = await rewriteProject(taken.project, row.stamp, stamp, wholeLog(taken.log));
	if (!written.ok) return { ...taken, stamp: row.stamp, unwritten: true };
	for (const slot of slots) slot.clear();
	return { ...taken, stamp, unwritten: false };
}

/** Writes a project as new, or over what is there; one that cannot be written is held while the window is open. */
export async function keepProject(project: Project): Promise<Result<string>> {
	const refused = validateForSave(project);
	if (refused) return refused;
	const stamp = newId();
	const db = dbFor(project.id);
	try {
		await db.transaction('rw', db.projects, db.steps, async () => {
			await clearLog(db, project.id);
			await db.projects.put(rowOf(project, stamp));
		});
		return ok(stamp);
	} catch (error) {
		held.set(project.id, project);
		return fail('storage', { error: storageTrouble(error) });
	}
}

/**
 * Writes a project only when the row still carries the stamp this window knows, with what is new of its steps.
 * Without them nothing of it can be undone afterwards.
 */
export async function rewriteProject(
	project: Project,
	known: string,
	next: string,
	undo: UndoChange | null = null
): Promise<Result<null>> {
	const refused = validateForSave(project);
	if (refused) return refused;
	const db = dbFor(project.id);
	try {
		const written = await db.transaction('rw', db.projects, db.steps, async () => {
			const row = await db.projects.get(project.id);
			if (row && row.stamp !== known) return false;
			if (undo) await writeLog(db, project.id, undo);
			else await clearLog(db, project.id);
			await db.projects.put(rowOf(project, next, undo?.range));
			return true;
		});
		return written ? ok(null) : fail('changed-elsewhere');
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** How long a deleted project can still be brought back, ms; its photos are held for as long. */
const SECOND_THOUGHTS = 30_000;

export async function deleteProject(id: string): Promise<Result<null>> {
	setTimeout(holdPhotos(), SECOND_THOUGHTS);
	const db = dbFor(id);
	try {
		await db.transaction('rw', db.projects, db.steps, async () => {
			await clearLog(db, id);
			await db.projects.delete(id);
		});
		return ok(null);
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Puts back a row that was deleted, just as it was, but for its steps. */
export async function putBack(row: ProjectRow): Promise<Result<null>> {
	try {
		const { undo: _, ...rest } = row;
		await dbFor(row.id).projects.put(rest);
		return ok(null);
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** A kept project as it lies in the store, whether or not it can be read; null where there is none. */
export async function rawProject(id: string): Promise<ProjectRow | null> {
	try {
		return (await dbFor(id).projects.get(id)) ?? null;
	} catch {
		return null;
	}
}

/** The same under an id of its own; a copied demo becomes the person's. */
export const copyOf = (project: Project): Project => ({
	...project,
	id: newId(),
	name: `${project.name} (copy)`
});

/** A plan to go on from: a copy without what was done at the wall, as no piece hangs twice. */
export const duplicateOf = (project: Project): Project => ({
	...copyOf(project),
	day: [],
	hangings: [],
	packed: []
});

/** An opened file's project, under a new id when one of that id is kept already. */
export async function adoptProject(project: Project): Promise<Result<Project>> {
	const there = isDemo(project.id) ? null : await loadProject(project.id);
	if (there && !there.ok && there.error.code === 'storage') return there;
	const taken = there === null || there.ok || there.error.code !== 'no-such-project';
	const adopted = taken ? { ...project, id: newId() } : project;
	const kept = await keepProject(adopted);
	return kept.ok ? ok(adopted) : kept;
}

const rowOf = (project: Project, stamp: string, undo?: UndoRange): ProjectRow => ({
	id: project.id,
	name: project.name,
	updated: Date.now(),
	stamp,
	project,
	...(undo && { undo })
});
