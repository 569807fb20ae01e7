import { PUBLIC_TIMES } from '../../base/figures/day.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import type { HangSolution } from '../../piece/hangers/index.ts';
import type { PlaceFact } from '../../model/place.ts';

/** How often a hanging is looked over, and at what. */
export interface Inspection {
	months: number;
	look: string;
}

/** Months between two looks; from memory. */
const EVERY = {
	place: { months: 3, look: 'an edge of the strip lifting, or paint letting go' },
	cord: { months: 12, look: 'cord frayed, hook creeping along the rail' },
	wire: { months: 24, look: 'wire frayed or slipped at its ties, rings bent' },
	other: { months: 36, look: 'a hook bent or drawn out, the piece off level' }
};

/** When to look at a piece again: by the weakest thing it hangs on. */
export function inspectionOf(
	hooks: readonly { kind: HookKind }[],
	hung: Pick<HangSolution, 'wire'> | null,
	place: readonly PlaceFact[]
): Inspection {
	const puts = hooks.map(({ kind }) => hookOf(kind).puts);
	const found = puts.includes('place')
		? EVERY.place
		: puts.includes('cord')
			? EVERY.cord
			: hung?.wire
				? EVERY.wire
				: EVERY.other;
	return place.includes('public') ? { ...found, months: found.months / PUBLIC_TIMES } : found;
}
