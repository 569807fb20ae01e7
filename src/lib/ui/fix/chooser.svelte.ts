import {
	bagOf,
	mayHaveStuds,
	mayRust,
	notCheckedYet,
	oldHoles,
	studFacts,
	type BagItem,
	type Caution,
	type OldHole,
	type PieceFix
} from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import type { FixAnswer, FixQuestion } from '$lib/workers/fix.worker.ts';
import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
import { startFixWorker } from '$lib/workers/start.ts';
import type { BonesWatch } from '../survey/bones.svelte.ts';

interface Of {
	session: Session;
	bones: BonesWatch;
	wallId: string;
	/** The whole project is asked about, and not the wall alone. */
	all: boolean;
}

/** What is chosen for the pieces of a wall or of a project, reckoned in a worker. */
export class Chooser {
	#worker = new LatestOnlyWorker<FixQuestion, FixAnswer>(startFixWorker);
	#of: () => Of;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#of = of;
		$effect(() => this.#ask());
		$effect(() => () => this.#worker.close());
	}

	/** Of the wall; none while they are being worked out. */
	get fixes(): PieceFix[] {
		return this.#worker.answer?.[this.#of().wallId] ?? [];
	}

	/** Why the fixings could not be worked out; null where they were, or that is under way. */
	get failed(): string | null {
		return this.#of().bones.failed ?? this.#worker.failed;
	}

	/** What to say while nobody knows how a piece of the wall is fixed: that is no less than a *stop*. */
	get unchecked(): Caution | null {
		const { session, wallId } = this.#of();
		const { fixes, failed } = this;
		const pieces = session.keptPlan(wallId)?.pieces ?? [];
		const known = pieces.every(({ pieceId }) => fixes.some((fix) => fix.pieceId === pieceId));
		return failed !== null || !known ? notCheckedYet(failed) : null;
	}

	/** Tries once more what failed. */
	retry(): void {
		const { bones } = this.#of();
		if (bones.failed !== null) bones.retry();
		else this.#worker.retry();
	}

	/** What to carry for every wall that was asked about; null while that is being worked out. */
	get bag(): BagItem[] | null {
		const { session, wallId, all } = this.#of();
		const answer = this.#worker.answer;
		const ids = all ? session.committed.walls.map(({ id }) => id) : [wallId];
		if (!answer || ids.some((id) => !answer[id])) return null;
		const { pieces } = session.committed;
		const packed = ids.flatMap((id) =>
			(session.keptPlan(id)?.pieces ?? []).flatMap((planned) => {
				const piece = pieces.find((each) => each.id === planned.pieceId);
				const fix = answer[id]!.find(({ pieceId }) => pieceId === planned.pieceId);
				return piece ? [{ piece, planned, fix, mayRust: rustsOn(session, id) }] : [];
			})
		);
		return bagOf(
			packed,
			session.committed,
			ids.flatMap((id) => holesOn(session, id))
		);
	}

	/** What to carry for one piece of the wall; null while that is being worked out. */
	bagFor(pieceId: string): BagItem[] | null {
		const { session, wallId } = this.#of();
		const piece = session.committed.pieces.find(({ id }) => id === pieceId);
		const planned = session.keptPlan(wallId)?.pieces.find((each) => each.pieceId === pieceId);
		const fix = this.fixes.find((each) => each.pieceId === pieceId);
		return piece && planned && fix
			? bagOf([{ piece, planned, fix, mayRust: rustsOn(session, wallId) }], session.committed)
			: null;
	}

	/** Studs come first: what is chosen rests on them. */
	#ask(): void {
		const { session, bones, wallId, all } = this.#of();
		const project = session.committed;
		const wall = project.walls.find(({ id }) => id === wallId);
		if (!wall) return;
		bones.ask(mayHaveStuds(wall) ? studFacts(wall, project.houseRules) : null);
		if (mayHaveStuds(wall) && (bones.bones === null || bones.busy)) return;
		const others = all ? project.walls.filter(({ id }) => id !== wallId) : [];
		this.#worker.ask({
			project,
			walls: [
				{ id: wallId, framing: bones.framing },
				...others.map(({ id }) => ({ id, framing: null }))
			]
		});
	}
}

function rustsOn(session: Session, wallId: string): boolean {
	const wall = session.committed.walls.find(({ id }) => id === wallId);
	return wall !== undefined && mayRust(wall);
}

function holesOn(session: Session, wallId: string): OldHole[] {
	const wall = session.committed.walls.find(({ id }) => id === wallId);
	return wall ? oldHoles(wall, session.keptPlan(wallId)?.pieces ?? []) : [];
}
