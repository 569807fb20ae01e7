import {
	dayState,
	momentAfter,
	nextStep,
	runSheet,
	stylesOf,
	type DayEvent,
	type PieceFix,
	type SheetStep
} from '$lib/core/index.ts';
import { tellDay } from '$lib/store/commands/index.ts';
import { now } from '$lib/store/clock.ts';
import { newId } from '$lib/store/new-id.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { Chooser } from '../fix/chooser.svelte.ts';
import type { BonesWatch } from '../survey/bones.svelte.ts';

interface Of {
	session: Session;
	bones: BonesWatch;
	wallId: string;
}

/** What an event tells, besides when, where and by whom. */
export type Told = DayEvent extends infer E
	? E extends DayEvent
		? Omit<E, 'id' | 'at' | 'by' | 'wallId'>
		: never
	: never;

/** The day on one wall: its run sheet, what became of each step, and how to tell what happens. */
export class Day {
	#of: () => Of;
	#chooser: Chooser;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#of = of;
		this.#chooser = new Chooser(() => ({ ...of(), all: false }));
	}

	readonly project = $derived.by(() => this.#of().session.kept);
	readonly wall = $derived.by(() => this.project.walls.find(({ id }) => id === this.#of().wallId)!);
	readonly plan = $derived.by(() => this.#of().session.keptPlan(this.#of().wallId)!);
	readonly rules = $derived.by(() => this.#of().session.rulesOn(this.#of().wallId));
	readonly styles = $derived.by(() => stylesOf(this.rules));
	readonly state = $derived.by(() => dayState(this.project.day, this.#of().wallId));
	readonly sheet: SheetStep[] = $derived.by(() =>
		runSheet(
			{ project: this.project, wall: this.wall, plan: this.plan, fixes: this.fixes },
			this.state
		)
	);
	readonly next: SheetStep | null = $derived.by(() => nextStep(this.sheet));

	/** How each piece is fixed; none while that is being worked out. */
	get fixes(): PieceFix[] {
		return this.#chooser.fixes;
	}

	fixOf(pieceId: string): PieceFix | undefined {
		return this.fixes.find((each) => each.pieceId === pieceId);
	}

	/** Tells what happened, now; answers when. */
	tell(told: Told): string {
		const { session, wallId } = this.#of();
		const at = momentAfter(now(), this.state.last);
		const by = session.kept.hanger;
		session.run(tellDay({ ...told, id: newId(), at, by, wallId } as DayEvent));
		return at;
	}
}
