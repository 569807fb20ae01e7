import { createContext } from 'svelte';
import {
	memoised,
	planWallFast,
	rulesOn,
	type HouseRules,
	type Project,
	type Result,
	type WallPlan
} from '../core/index.ts';
import { isDemo } from './db.ts';
import { History, preview, type Command } from './history.ts';
import { Journal, whole } from './journal.ts';
import { slotFor } from './journal-slots.ts';
import { newId } from './new-id.ts';
import { loadProject, rewriteProject, type Loaded } from './projects.ts';
import { EACH } from './snapshot-age.ts';
import { Windows } from './windows.svelte.ts';
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
	#windows: Windows | null = $state.raw(null);
	#letGo = false;
	#project: Project = $state.raw()!;
	/** Facts as they would be while a drag is under way; not yet a command. */
	#draft: Project | null = $state.raw(null);
	#previewed: Command | null = $state.raw(null);
	keeping: Keeping = $state.raw({ state: 'kept' });
	canUndo: string | null = $state(null);
	canRedo: string | null = $state(null);
	#takingUp = $state(false);
	/** The project as it was opened, until it is kept as an earlier version. */
	#opened: Project | null;
	#nextSnapshot = 0;
	/** Resolves once the last earlier version that was due is kept. */
	snapshot: Promise<void> = Promise.resolve();
	/** Counts what somebody tried to change while another window edits. */
	refused = $state(0);

	constructor(loaded: Loaded) {
		this.#opened = loaded.project;
		[this.#history, this.#writer] = this.#begin(loaded);
	}

	/** Takes its place among the windows that have the project open; what it returns leaves it. */
	join(): () => void {
		const windows = new Windows(this.id, {
			onwritten: () => void this.#reload(),
			onedits: () => void this.#takeUp(),
			onhandover: () => this.flush()
		});
		this.#windows = windows;
		// A write that ends later has nobody to tell.
		return () => {
			windows.close();
			this.#windows = null;
		};
	}

	/** Another window edits the project; this one shows what it makes. */
	get follows(): boolean {
		return this.#takingUp || this.#windows?.role === 'follows';
	}

	/** Makes this window the one that edits. */
	async takeOver(): Promise<void> {
		await this.#windows?.takeOver();
	}

	/** Goes on from where the window that edited before left it. */
	async #takeUp(): Promise<void> {
		this.#takingUp = true;
		await this.#reload(true);
		this.#takingUp = false;
	}

	#begin({ project, stamp, unwritten, log }: Loaded): [History, Writer] {
		const history = new History(project, log);
		this.#project = project;
		this.canUndo = history.canUndo;
		this.canRedo = history.canRedo;
		const writer = new Writer(
			stamp,
			new Journal(slotFor(project.id, newId()), stamp),
			(...write) => this.#write(...write),
			(keeping) => {
				this.keeping = keeping;
				if (keeping.state !== 'kept') return;
				this.#windows?.wrote();
				this.snapshot = this.#keepSnapshot();
			}
		);
		if (unwritten) writer.take(project, whole(project));
		return [history, writer];
	}

	/** Before the first change of a page the project is kept as it was, and then each hour of work. */
	async #keepSnapshot(): Promise<void> {
		const now = Date.now();
		if (now < this.#nextSnapshot) return;
		this.#nextSnapshot = now + EACH;
		const { keepSnapshot } = await import('./snapshots.ts');
		const opened = this.#opened;
		this.#opened = null;
		if (opened) await keepSnapshot(opened, now - 1, true);
		else await keepSnapshot(this.#project, now);
	}

	/** Shows the project as it is kept now; what this window could not write stays with it. */
	async #reload(editing = false): Promise<void> {
		if (this.unsafe) return;
		const loaded = await loadProject(this.id, editing);
		if (!loaded.ok) return;
		this.setPreview(null);
		this.#writer.close();
		[this.#history, this.#writer] = this.#begin(loaded.value);
		this.keeping = { state: 'kept' };
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
		if (this.follows) this.refused++;
		else if (this.#history.run(command)) this.#update();
	}

	/** Shows what a command would do without running it; null ends the showing. */
	setPreview(command: Command | null): void {
		if (command && this.follows) return;
		this.#previewed = command;
		this.#draft = command && preview(this.#project, command);
	}

	seal(): void {
		this.#history.seal();
	}

	undo(): void {
		if (!this.follows && this.#history.undo() !== null) this.#update();
	}

	redo(): void {
		if (!this.follows && this.#history.redo() !== null) this.#update();
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

	async #write(project: Project, known: string, next: string): Promise<Result<null>> {
		const undo = this.#history.toWrite();
		const written = await rewriteProject(project, known, next, undo);
		if (!written.ok) this.#history.notWritten(undo);
		return written;
	}

	#update(): void {
		this.#project = this.#history.project;
		this.canUndo = this.#history.canUndo;
		this.canRedo = this.#history.canRedo;
		if (this.#history.act) this.#writer.take(this.#project, this.#history.act);
	}
}

export const [getSession, setSession] = createContext<() => Session>();
