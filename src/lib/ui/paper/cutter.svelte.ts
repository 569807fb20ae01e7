import type { CutSheet, PaperPlan, Result } from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
import type { PaperQuestion } from '$lib/workers/paper.worker.ts';
import { startPaperWorker } from '$lib/workers/start.ts';

/** How the templates of a wall’s pieces are cut from a roll, planned in a worker. */
export class Cutter {
	#worker = new LatestOnlyWorker<PaperQuestion, Result<PaperPlan>>(startPaperWorker);
	#of: () => { session: Session; wallId: string };

	/** To be made while a component starts. */
	constructor(of: () => { session: Session; wallId: string }) {
		this.#of = of;
		$effect(() => {
			if (this.sheets.length > 0)
				this.#worker.ask({ sheets: this.sheets, paper: { ...this.#of().session.committed.paper } });
		});
		$effect(() => () => this.#worker.close());
	}

	/** One for each piece on the wall, by its letter; a drag under way changes none. */
	get sheets(): CutSheet[] {
		const { session, wallId } = this.#of();
		return (session.keptPlan(wallId)?.pieces ?? []).map(({ letter, rect }) => ({
			id: letter,
			width: rect.width,
			height: rect.height
		}));
	}

	/** null while it is being worked out. */
	get answer(): Result<PaperPlan> | null {
		return this.sheets.length > 0 ? this.#worker.answer : null;
	}

	/** Why it could not be planned; null where it was, or that is under way. */
	get failed(): string | null {
		return this.#worker.failed;
	}

	retry(): void {
		this.#worker.retry();
	}

	get busy(): boolean {
		return this.#worker.busy;
	}
}
