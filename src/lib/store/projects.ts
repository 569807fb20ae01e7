import { fail } from './said.ts';
import { ok, openProject, type Failure, type Project, type Result } from '../core/index.ts';
import { dbFor, isDemo, ownDb, type ProjectRow } from './db.ts';
import { takenUp } from './journal.ts';
import { slotsOf } from './journal-slots.ts';
import { newId } from './new-id.ts';
import { validateForSave } from './validate-for-save.ts';
import { holdPhotos } from './photo-lock.ts';

/** A project in the list of recent ones; one that cannot be read is listed with why, and as it is kept. */
export type Listed = { id: string; name: string; updated: number } & (
	{ project: Project } | { unreadable: Failure; row: ProjectRow }
);

/** A sentence for what went wrong with the browser's storage. */
export function storageTrouble(error: unknown): string {
	const name = error instanceof Error ? `${error.name} ${error.message}` : String(error);
	if (/quota/i.test(name))
		return 'This browser’s storage is full. Nothing more is kept: export the project now, then free some space.';
	if (!/Security|InvalidState|NotAllowed|MissingAPI|DatabaseClosed|OpenFailed/.test(name))
		return `The browser’s storage failed (${name}). Export the project before you close the page.`;
	return 'This browser does not let us keep projects (a private window, or storage is blocked). Export the project before you close the page.';
}

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
}

/** A kept project, with what was done in a page that went away before it was written. */
export async function loadProject(id: string): Promise<Result<Loaded>> {
	let row: ProjectRow | undefined;
	try {
		row = await dbFor(id).projects.get(id);
	} catch (error) {
		const project = held.get(id);
		return project
			? ok({ project, stamp: '', unwritten: false })
			: fail('storage', { error: storageTrouble(error) });
	}
	if (!row) return fail('no-such-project');
	const project = openProject(row.project);
	return project.ok ? ok(await takeUp({ project: project.value, stamp: row.stamp })) : project;
}

/** Takes up what a window left in its journal, and writes it. */
async function takeUp(row: Omit<Loaded, 'unwritten'>): Promise<Loaded> {
	const slots = slotsOf(row.project.id);
	const [project] = slots
		.flatMap((slot) => takenUp(slot.read(), row) ?? [])
		.sort((a, b) => b.revision - a.revision);
	if (!project) {
		for (const slot of slots) slot.clear();
		return { ...row, unwritten: false };
	}
	const stamp = newId();
	const written = await rewriteProject(project, row.stamp, stamp);
	if (!written.ok) return { project, stamp: row.stamp, unwritten: true };
	for (const slot of slots) slot.clear();
	return { project, stamp, unwritten: false };
}

/** Writes a project as new, or over what is there; one that cannot be written is held while the window is open. */
export async function keepProject(project: Project): Promise<Result<string>> {
	const refused = validateForSave(project);
	if (refused) return refused;
	const stamp = newId();
	try {
		await dbFor(project.id).projects.put(rowOf(project, stamp));
		return ok(stamp);
	} catch (error) {
		held.set(project.id, project);
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Writes a project only when the row still carries the stamp this window knows. */
export async function rewriteProject(
	project: Project,
	known: string,
	next: string
): Promise<Result<null>> {
	const refused = validateForSave(project);
	if (refused) return refused;
	const { projects } = dbFor(project.id);
	try {
		const written = await dbFor(project.id).transaction('rw', projects, async () => {
			const row = await projects.get(project.id);
			if (row && row.stamp !== known) return false;
			await projects.put(rowOf(project, next));
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
	try {
		await dbFor(id).projects.delete(id);
		return ok(null);
	} catch (error) {
		return fail('storage', { error: storageTrouble(error) });
	}
}

/** Puts back a row that was deleted, just as it was. */
export async function putBack(row: ProjectRow): Promise<Result<null>> {
	try {
		await dbFor(row.id).projects.put(row);
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

const rowOf = (project: Project, stamp: string): ProjectRow => ({
	id: project.id,
	name: project.name,
	updated: Date.now(),
	stamp,
	project
});
