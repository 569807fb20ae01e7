import {
	dayState,
	nextStep,
	pastSteps,
	runSheet,
	stylesOf,
	type NewDayEvent,
	type PastStep,
	type PieceFix,
	type SheetStep
} from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { Chooser } from '../fix/chooser.svelte.ts';
import type { BonesWatch } from '../survey/bones.svelte.ts';
import { tell } from './tell.ts';

interface Of {
	session: Session;
	bones: BonesWatch;
	wallId: string;
}

/** The day on one wall: its run sheet, what became of each step, and how to tell what happens. */
export class Day {
	#of: () => Of;
	readonly chooser: Chooser;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#of = of;
		this.chooser = new Chooser(() => ({ ...of(), all: false }));
	}

	readonly project = $derived.by(() => this.#of().session.committed);
	readonly wall = $derived.by(() => this.project.walls.find(({ id }) => id === this.#of().wallId)!);
	readonly plan = $derived.by(() => this.#of().session.keptPlan(this.#of().wallId)!);
	readonly rules = $derived.by(() => this.#of().session.rulesOn(this.#of().wallId));
	readonly styles = $derived.by(() => stylesOf(this.rules));
	readonly state = $derived.by(() => dayState(this.project.day, this.#of().wallId));
	readonly #facts = $derived.by(() => ({
		...{ project: this.project, wall: this.wall },
		...{ plan: this.plan, fixes: this.fixes }
	}));
	readonly sheet: SheetStep[] = $derived.by(() => runSheet(this.#facts, this.state));
	readonly past: PastStep[] = $derived.by(() => pastSteps(this.#facts, this.sheet, this.state));
	readonly next: SheetStep | null = $derived.by(() => nextStep(this.sheet));

	/** How each piece is fixed; none while that is being worked out. */
	get fixes(): PieceFix[] {
		return this.chooser.fixes;
	}

	fixOf(pieceId: string): PieceFix | undefined {
		return this.fixes.find((each) => each.pieceId === pieceId);
	}

	/** Tells what happened, now or at a moment. */
	tell(told: NewDayEvent, at?: string): void {
		const { session, wallId } = this.#of();
		tell(session, wallId, told, at);
	}
}
