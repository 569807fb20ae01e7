import {
	boundsOf,
	centreY,
	halts,
	howSure,
	piecesById,
	stylesOf,
	type BagItem,
	type Gathered,
	type HowSure,
	type PieceFix
} from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { Chooser } from '../fix/chooser.svelte.ts';
import type { BonesWatch } from '../survey/bones.svelte.ts';
import { everyCaution, hungRows, unreadOn, type HungRow } from './hung-rows.ts';

interface Of {
	session: Session;
	bones: BonesWatch;
	wallId: string;
}

const NONE: ReadonlyMap<string, HowSure> = new Map();

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

	/** What must not be done as it is planned, wherever it was found: it stands first on every sheet that is carried. */
	readonly stops: Gathered[] = $derived.by(() =>
		this.#found.filter(({ caution }) => halts(caution))
	);
	/** What to take care of besides; notes aside. */
	readonly cares: Gathered[] = $derived.by(() =>
		this.#found.filter(({ caution }) => caution.grade === 'care' && !halts(caution))
	);
	readonly #found: Gathered[] = $derived.by(() =>
		this.plan ? everyCaution(this.plan, this.fixes) : []
	);
	/** Of the group, mm above the floor; null where nothing hangs. */
	readonly middle = $derived.by(() => {
		const { plan } = this;
		if (!plan || plan.pieces.length === 0) return null;
		return centreY(boundsOf(plan.pieces.map(({ rect }) => rect))) - plan.centreLine.floor;
	});
	/** Pieces that have no mark, and why. */
	readonly unmarked = $derived.by(() =>
		(this.plan?.pieces ?? []).flatMap(({ letter, trouble, hooks }) =>
			trouble && hooks.length === 0 ? [{ letter, why: trouble.message }] : []
		)
	);
	/** How sure the marks of each piece are, by its id. */
	readonly sure = $derived.by(() =>
		this.plan ? howSure(this.#of().session.project, this.plan) : NONE
	);
	/** What of backs nobody measured, and what the plan chose, each with the letters it is true of. */
	readonly unread = $derived.by(() => unreadOn(this.plan?.pieces ?? [], this.sure));

	get fixes(): PieceFix[] {
		return this.chooser.fixes;
	}

	/** null while it is being packed. */
	get bag(): BagItem[] | null {
		return this.chooser.bag;
	}
}
