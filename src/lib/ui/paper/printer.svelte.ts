import {
	hookOf,
	knownOfBacks,
	piecesById,
	stoppedBy,
	stylesOf,
	templateOf,
	usualSheet,
	type PaperPage,
	type PieceFix,
	type Result,
	type SheetName,
	type Template,
	type TemplatePrint
} from '$lib/core/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { LatestOnlyWorker } from '$lib/workers/latest-only-worker.svelte.ts';
import { startPrintWorker } from '$lib/workers/start.ts';
import { drivenSaid, usesByMark } from '../bench/mark-said.ts';

interface Of {
	session: Session;
	wallId: string;
	fixes: readonly PieceFix[];
	/** Letters of the pieces wanted. */
	wanted: (letter: string) => boolean;
}

/** The templates of a wall’s pieces, laid out on pages in a worker. */
export class Printer {
	#worker = new LatestOnlyWorker<TemplatePrint, Result<PaperPage[]>>(startPrintWorker);
	#of: () => Of;

	/** To be made while a component starts. */
	constructor(of: () => Of) {
		this.#of = of;
		$effect(() => {
			if (this.templates.length > 0) this.#worker.ask(this.#print);
		});
		$effect(() => () => this.#worker.close());
	}

	/** What they are printed on. */
	get on(): SheetName | 'roll' {
		const { session, wallId } = this.#of();
		return session.committed.paper.printing.on ?? usualSheet(session.rulesOn(wallId).units);
	}

	/** Of the pieces wanted, as they are planned; a drag under way changes none. */
	readonly templates: Template[] = $derived.by(() => {
		const { session, wallId, fixes, wanted } = this.#of();
		const plan = session.keptPlan(wallId);
		const planned = plan?.pieces ?? [];
		const rack = piecesById(session.committed.pieces);
		const uses = usesByMark(planned, fixes);
		const stopped = stoppedBy(planned, fixes);
		const known = plan && knownOfBacks(session.committed, plan);
		const { lead } = stylesOf(session.rulesOn(wallId));
		return planned
			.filter(({ letter }) => wanted(letter))
			.map((each) =>
				templateOf(
					each,
					rack.get(each.pieceId)!,
					({ id, kind }) =>
						[hookOf(kind).name, drivenSaid({ hook: kind }, uses.get(id), lead)]
							.filter(Boolean)
							.join(', '),
					stopped.has(each.pieceId),
					known?.get(each.pieceId)
				)
			);
	});

	/** Why they could not be laid out; null where they were, or that is under way. */
	get failed(): string | null {
		return this.#worker.failed;
	}

	retry(): void {
		this.#worker.retry();
	}

	/** null while they are being laid out, or where nothing is wanted. */
	get answer(): Result<PaperPage[]> | null {
		return this.templates.length > 0 ? this.#worker.answer : null;
	}

	get #print(): TemplatePrint {
		const { session, wallId } = this.#of();
		const { committed: kept } = session;
		const wall = kept.walls.find(({ id }) => id === wallId)!;
		return {
			templates: this.templates,
			printing: { ...kept.paper.printing, on: this.on },
			paper: kept.paper,
			styles: stylesOf(session.rulesOn(wallId)),
			title: `${kept.name} · ${wall.name}`
		};
	}
}
