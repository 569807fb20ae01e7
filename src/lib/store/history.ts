import { apply, create, type Patches } from 'mutative';
import type { Project } from '../core/index.ts';
import type { Act } from './journal.ts';

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

interface Step {
	name: string;
	forward: Patches;
	back: Patches;
	merge: string | undefined;
}

/**
 * A project and the commands that led to it. Undo and redo have no limit.
 * The revision only ever grows, also on undo, so that a result made for an earlier state can be told as stale.
 */
export class History {
	project: Project;
	/** What the last command, undo or redo changed; null before the first. */
	act: Act | null = null;
	#done: Step[] = [];
	#undone: Step[] = [];

	constructor(project: Project) {
		this.project = project;
	}

	get canUndo(): string | null {
		return this.#done.at(-1)?.name ?? null;
	}

	get canRedo(): string | null {
		return this.#undone.at(-1)?.name ?? null;
	}

	/** Runs a command, and answers whether it changed anything; one that changes nothing leaves no step. */
	run({ name, recipe, merge }: Command): boolean {
		const [next, forward, back] = create(this.project, (draft) => void recipe(draft as Project), {
			enablePatches: true
		});
		if (forward.length === 0) return false;
		const last = this.#done.at(-1);
		if (merge !== undefined && last?.merge === merge && this.#undone.length === 0)
			this.#done[this.#done.length - 1] = {
				name,
				merge,
				forward: [...last.forward, ...forward],
				back: [...back, ...last.back]
			};
		else this.#done.push({ name, merge, forward, back });
		this.#undone = [];
		this.#become(next, forward);
		return true;
	}

	/** Ends a run of merged commands: the next one is a step of its own. */
	seal(): void {
		const last = this.#done.at(-1);
		if (last) last.merge = undefined;
	}

	undo(): string | null {
		const step = this.#done.pop();
		if (!step) return null;
		this.#undone.push(step);
		this.#become(apply(this.project, step.back), step.back);
		return step.name;
	}

	redo(): string | null {
		const step = this.#undone.pop();
		if (!step) return null;
		this.#done.push(step);
		this.#become(apply(this.project, step.forward), step.forward);
		return step.name;
	}

	#become(next: Project, patches: Patches): void {
		const revision = this.project.revision + 1;
		this.project = { ...next, revision };
		this.act = { patches, revision };
	}
}
