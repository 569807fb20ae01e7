import Dexie from 'dexie';
import type { dbFor, ProjectRow } from './db.ts';
import { EMPTY_LOG, type UndoChange, type UndoLog } from './undo-log.ts';

type Db = ReturnType<typeof dbFor>;

const all = (db: Db, projectId: string, from: number | typeof Dexie.minKey = Dexie.minKey) =>
	db.steps
		.where('[projectId+number]')
		.between([projectId, from], [projectId, Dexie.maxKey], true, true);

/** What can be undone of a kept project; nothing where its steps are not whole. */
export async function readLog(db: Db, { id, undo }: ProjectRow): Promise<UndoLog> {
	if (!undo) return EMPTY_LOG;
	const rows = await all(db, id).toArray();
	const whole =
		rows.length === undo.to - undo.from &&
		rows.every(({ number }, index) => number === undo.from + index);
	return whole ? { range: undo, steps: rows.map(({ step }) => step) } : EMPTY_LOG;
}

/** Writes what is new of a log and removes what is no longer of it, in the transaction that writes its project. */
export async function writeLog(db: Db, projectId: string, change: UndoChange): Promise<void> {
	const { range, steps } = change;
	await all(db, projectId, range.to).delete();
	await db.steps
		.where('[projectId+number]')
		.between([projectId, Dexie.minKey], [projectId, range.from], true, false)
		.delete();
	await db.steps.bulkPut(steps.map((each) => ({ projectId, ...each })));
}

export const clearLog = (db: Db, projectId: string): PromiseLike<unknown> =>
	all(db, projectId).delete();
