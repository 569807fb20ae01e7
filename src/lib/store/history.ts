import { apply, create, type Patches } from 'mutative';
import type { Project } from '../core/index.ts';
import type { Act } from './journal.ts';
import {
	afterAct,
	EMPTY_LOG,
	KEPT_STEPS,
	type Did,
	type UndoChange,
	type UndoLog
} from './undo-log.ts';

/** A named change to a project. */
export interface Command {
	name: string;
	recipe: (draft: Project) => void;
	/** Commands with one key, one after the other, are undone as one: keystrokes in a field, say. */
	merge?: string;
}

/** The project as a command would make it, with nothing remembered: for showing a drag under way. */
export const preview = (project: Project, { recipe }: Command): Project =>
	create(project, (draft) => void recipe(draft as Project));

/**
 * A project and the commands that led to it. Undo and redo have no limit.
 * The revision only ever grows, also on undo, so that a result made for an earlier state can be told as stale.
 */
export class History {
	project: Project;
	/** What the last command, undo or redo changed; null before the first. */
	act: Act | null = null;
	#log: UndoLog;
	/** The first step that is not in the store as it is. */
	#dirty = Infinity;

	constructor(project: Project, log: UndoLog = EMPTY_LOG) {
		this.project = project;
		// Whoever opened it anew is at another thing: the first command is a step of its own.
		this.#log = {
			...log,
			steps: log.steps.map((step, index, { length }) =>
				index === length - 1 ? { ...step, merge: undefined } : step
			)
		};
	}

	get log(): UndoLog {
		return this.#log;
	}

	get canUndo(): string | null {
		const { from, at } = this.#log.range;
		return this.#log.steps[at - 1 - from]?.name ?? null;
	}

	get canRedo(): string | null {
		const { from, at } = this.#log.range;
		return this.#log.steps[at - from]?.name ?? null;
	}

	/** Runs a command, and answers whether it changed anything; one that changes nothing leaves no step. */
	run({ name, recipe, merge }: Command): boolean {
		const [next, forward, back] = create(this.project, (draft) => void recipe(draft as Project), {
			enablePatches: true
		});
		if (forward.length === 0) return false;
		const { from, at, to } = this.#log.range;
		const merged =
			merge !== undefined && at === to && this.#log.steps[at - 1 - from]?.merge === merge;
		this.#become(next, forward, { does: 'run', name, back, merge, merged });
		this.#dirty = Math.min(this.#dirty, this.#log.range.at - 1);
		return true;
	}

	/** Ends a run of merged commands: the next one is a step of its own. */
	seal(): void {
		const last = this.#log.steps.at(-1);
		if (last) last.merge = undefined;
	}

	undo(): string | null {
		const { from, at } = this.#log.range;
		const step = this.#log.steps[at - 1 - from];
		if (!step) return null;
		this.#become(apply(this.project, step.back), step.back, { does: 'undo' });
		return step.name;
	}

	redo(): string | null {
		const { from, at } = this.#log.range;
		const step = this.#log.steps[at - from];
		if (!step) return null;
		this.#become(apply(this.project, step.forward), step.forward, { does: 'redo' });
		return step.name;
	}

	/** What of the log the store does not hold yet; from now on it counts as held. */
	toWrite(): UndoChange {
		const { from, at, to } = this.#log.range;
		const kept = Math.max(from, Math.min(at, to - KEPT_STEPS));
		const first = Math.max(this.#dirty, kept);
		this.#dirty = Infinity;
		return {
			range: { from: kept, at, to },
			steps: this.#log.steps
				.slice(Math.max(first - from, 0))
				.map((step, index) => ({ number: Math.max(first, from) + index, step }))
		};
	}

	/** What was to be written was not. */
	notWritten({ steps: [first] }: UndoChange): void {
		if (first) this.#dirty = Math.min(this.#dirty, first.number);
	}

	#become(next: Project, patches: Patches, did: Did): void {
		const revision = this.project.revision + 1;
		this.project = { ...next, revision };
		this.act = { patches, revision, did };
		this.#log = afterAct(this.#log, did, patches);
	}
}
