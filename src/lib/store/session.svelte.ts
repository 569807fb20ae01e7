import { createContext } from 'svelte';
import {
	memoised,
	planWallFast,
	rulesOn,
	type HouseRules,
	type Project,
	type WallPlan
} from '../core/index.ts';
import { isDemo } from './db.ts';
import { History, preview, type Command } from './history.ts';
import { Journal, whole } from './journal.ts';
import { slotFor } from './journal-slots.ts';
import { newId } from './new-id.ts';
import { rewriteProject, type Loaded } from './projects.ts';
import { Writer, type Keeping } from './writer.ts';

/** Shell and bench ask for the same plan; it is made once for each state of the project. */
const planned = memoised((project: Project, wallId: string): WallPlan | null => {
	const plan = planWallFast(project, wallId);
	return plan.ok ? plan.value : null;
});

/** An open project: facts, commands, what follows from them, and how they are kept. */
export class Session {
	#history: History;
	#writer: Writer;
	#letGo = false;
	#project: Project = $state.raw()!;
	/** Facts as they would be while a drag is under way; not yet a command. */
	#draft: Project | null = $state.raw(null);
	#previewed: Command | null = $state.raw(null);
	keeping: Keeping = $state.raw({ state: 'kept' });
	canUndo: string | null = $state(null);
	canRedo: string | null = $state(null);

	constructor({ project, stamp, unwritten }: Loaded) {
		this.#history = new History(project);
		this.#project = project;
		const journal = new Journal(slotFor(project.id, newId()), stamp);
		this.#writer = new Writer(
			stamp,
			journal,
			rewriteProject,
			(keeping) => (this.keeping = keeping)
		);
		if (unwritten) this.#writer.take(project, whole(project));
	}

	get id(): string {
		return this.#history.project.id;
	}

	/** Simulated instruments may be read: in the demo alone, where nothing real is measured. */
	get simulates(): boolean {
		return isDemo(this.id);
	}

	/** The facts to show: the draft of a drag, else what the commands made. */
	get project(): Project {
		return this.#draft ?? this.#project;
	}

	/** The facts as the commands made them; a drag under way leaves them alone. */
	get committed(): Project {
		return this.#project;
	}

	/** A drag or a look at an arrangement is under way. */
	get isPreviewing(): boolean {
		return this.#draft !== null;
	}

	/** What is shown without being run. */
	get previewed(): Command | null {
		return this.#previewed;
	}

	plan(wallId: string): WallPlan | null {
		return planned(this.project, wallId);
	}

	/** The plan as the commands made it; a drag under way leaves it alone. */
	keptPlan(wallId: string): WallPlan | null {
		return planned(this.#project, wallId);
	}

	/** House rules as they hold on a wall. */
	rulesOn(wallId: string): HouseRules {
		const wall = this.project.walls.find(({ id }) => id === wallId);
		return rulesOn(this.project.houseRules, wall?.units ?? null);
	}

	run(command: Command): void {
		this.setPreview(null);
		if (this.#history.run(command)) this.#update();
	}

	/** Shows what a command would do without running it; null ends the showing. */
	setPreview(command: Command | null): void {
		this.#previewed = command;
		this.#draft = command && preview(this.#project, command);
	}

	seal(): void {
		this.#history.seal();
	}

	undo(): void {
		if (this.#history.undo() !== null) this.#update();
	}

	redo(): void {
		if (this.#history.redo() !== null) this.#update();
	}

	/** What was done would be lost if the page went away now, and nobody said that it may be. */
	get unsafe(): boolean {
		return this.#writer.unsafe && !this.#letGo;
	}

	/** What is not kept may be lost: somebody said so. */
	letGo(): void {
		this.#letGo = true;
	}

	/** Writes what is not written yet; whether all of it is kept then. */
	async keep(): Promise<boolean> {
		await this.#writer.flush();
		return this.keeping.state === 'kept';
	}

	flush(): Promise<void> {
		return this.#writer.flush();
	}

	#update(): void {
		this.#project = this.#history.project;
		this.canUndo = this.#history.canUndo;
		this.canRedo = this.#history.canRedo;
		if (this.#history.act) this.#writer.take(this.#project, this.#history.act);
	}
}

export const [getSession, setSession] = createContext<() => Session>();
