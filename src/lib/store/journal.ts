import { apply, type Patches } from 'mutative';
import { openProject, type Project } from '../core/index.ts';
import { afterAct, EMPTY_LOG, type Did, type UndoLog } from './undo-log.ts';

/** What one window did to a project since it was last written. */
export interface Act {
	patches: Patches;
	/** Of the project after it. */
	revision: number;
	/** What it did to the steps that can be undone; absent where it leaves none. */
	did?: Did;
}

interface Kept {
	/** Stamp of the row that the acts follow. */
	base: string;
	acts: Act[];
	/** A write that is under way: the stamp its row will carry, and how many of the acts it holds. */
	writing: { stamp: string; count: number } | null;
}

/** A project as one act, for one that no row holds as it is. */
export const whole = (project: Project): Act => ({
	patches: [{ op: 'replace', path: [], value: project }],
	revision: project.revision
});

/** A place that keeps a text at once, before anything else runs. */
export interface Slot {
	read(): string | null;
	/** False where it could not be kept. */
	write(text: string): boolean;
	clear(): void;
}

/**
 * Acts that are not in the database yet, kept in the moment they are done: a page that goes away before they are
 * written loses none. They are taken up when the project is opened again.
 */
export class Journal {
	#slot: Slot;
	#kept: Kept;
	#closed = false;

	constructor(slot: Slot, base: string) {
		this.#slot = slot;
		this.#kept = { base, acts: [], writing: null };
	}

	/** Keeps an act; false where that could not be done. */
	add(act: Act): boolean {
		if (this.#closed) return false;
		this.#kept.acts.push(act);
		return this.#keep();
	}

	/** All acts so far are about to be written, in a row with this stamp. */
	writing(stamp: string): void {
		this.#kept.writing = { stamp, count: this.#kept.acts.length };
		this.#keep();
	}

	/** They were: only what was done meanwhile is still to be written. */
	written(stamp: string): void {
		const { acts, writing } = this.#kept;
		this.#kept = { base: stamp, acts: acts.slice(writing?.count ?? 0), writing: null };
		if (this.#kept.acts.length === 0) this.#slot.clear();
		else this.#keep();
	}

	/** No act can be taken up any more: the row was written by another window. */
	close(): void {
		this.#closed = true;
		this.#slot.clear();
	}

	#keep(): boolean {
		return this.#slot.write(JSON.stringify(this.#kept));
	}
}

/** A project as its row has it, with what can be undone. */
interface Row {
	project: Project;
	stamp: string;
	log: UndoLog;
}

/**
 * A project as it was when its page went away: its row with the acts that the row does not hold yet.
 * Null where there are none, they follow another row, or what they make could not be opened.
 */
export function takenUp(
	text: string | null,
	{ project, stamp, log }: Row
): Omit<Row, 'stamp'> | null {
	const kept = read(text);
	if (!kept) return null;
	const written = kept.writing?.stamp === stamp ? kept.writing.count : 0;
	if (kept.base !== stamp && kept.writing?.stamp !== stamp) return null;
	const acts = kept.acts.slice(written);
	const last = acts.at(-1);
	if (!last) return null;
	try {
		const made = acts.reduce((so, { patches }) => apply(so, patches), project);
		const opened = openProject({ ...made, revision: last.revision });
		return opened.ok ? { project: opened.value, log: acts.reduce(withAct, log) } : null;
	} catch (error) {
		console.error(error);
		return null;
	}
}

const withAct = (log: UndoLog, { did, patches }: Act): UndoLog =>
	did ? afterAct(log, did, patches) : EMPTY_LOG;

function read(text: string | null): Kept | null {
	if (text === null) return null;
	try {
		return JSON.parse(text) as Kept;
	} catch (error) {
		console.error(error);
		return null;
	}
}
