import {
	piecesById,
	stylesOf,
	type BagItem,
	type Gathered,
	type PieceFix
} from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { Chooser } from '../fix/chooser.svelte.ts';
import type { BonesWatch } from '../survey/bones.svelte.ts';
import { cautionsOf, hungRows, type HungRow } from './hung-rows.ts';

interface Of {
	session: Session;
	bones: BonesWatch;
	wallId: string;
}

/** What the papers of a job tell of a wall. */
export class JobFacts {
	#of: () => Of;
	readonly chooser: Chooser;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#of = of;
		this.chooser = new Chooser(() => ({ ...of(), all: false }));
	}

	readonly wall = $derived.by(() => {
		const { session, wallId } = this.#of();
		return session.project.walls.find(({ id }) => id === wallId);
	});
	readonly plan = $derived.by(() => this.#of().session.plan(this.#of().wallId));
	readonly styles = $derived.by(() => stylesOf(this.#of().session.rulesOn(this.#of().wallId)));
	readonly rack = $derived.by(() => piecesById(this.#of().session.project.pieces));
	readonly rows: HungRow[] = $derived.by(() =>
		this.plan ? hungRows(this.plan, this.rack, this.fixes, this.styles) : []
	);
	/** What could happen with the pieces as they are fixed, and with the wall. */
	readonly cautions: Gathered[] = $derived.by(() =>
		this.plan ? cautionsOf(this.rows, this.plan) : []
	);

	get fixes(): PieceFix[] {
		return this.chooser.fixes;
	}

	/** null while it is being packed. */
	get bag(): BagItem[] | null {
		return this.chooser.bag;
	}
}
