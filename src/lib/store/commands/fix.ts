import { ACTS } from '../../words/en/acts.ts';
import { activeArrangement, type Settlement, type FixingOption } from '../../core/index.ts';
import type { Command } from '../history.ts';
import { putBack } from './back.ts';
import { pieceIn, wallIn } from './find.ts';

/** Settling a piece by a way that was chosen for it. */
export const settlementBy = (
	pieceId: string,
	{ back, nudge, top, points, places }: FixingOption
): Settlement => ({
	...{ pieceId, back, nudge, top },
	points: points.map(({ hook, x }) => ({ hook, x: places ? x : null }))
});

/** Settles how pieces are fixed to a wall, in one step. */
export const settle = (wallId: string, settlements: readonly Settlement[]): Command => ({
	name: settlements.length === 1 ? ACTS.settleAFixing() : ACTS.settleTheFixings(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		const { placements } = activeArrangement(wall);
		for (const { pieceId, back, points, nudge = 0, top = null } of settlements) {
			const placement = placements.find((each) => each.pieceId === pieceId);
			const piece = pieceIn(draft, pieceId);
			if (!placement || !piece) continue;
			putBack(piece, back);
			placement.x += nudge;
			if (top !== null) placement.height = { from: 'top', at: top };
			placement.fix = { at: placement.x, points };
		}
	}
});

/** Moves pieces sideways and settles what then meets the studs, in one step. */
export const fitToStuds = (
	wallId: string,
	moves: readonly { pieceId: string; by: number }[],
	settlements: readonly Settlement[]
): Command => ({
	name: ACTS.fitToTheStuds(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		for (const placement of activeArrangement(wall).placements)
			placement.x += moves.find(({ pieceId }) => pieceId === placement.pieceId)?.by ?? 0;
		settle(wallId, settlements).recipe(draft);
	}
});

/** Opens the question again. */
export const unsettle = (wallId: string, pieceId: string): Command => ({
	name: ACTS.openAFixingAgain(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		const placement =
			wall && activeArrangement(wall).placements.find((each) => each.pieceId === pieceId);
		if (placement) placement.fix = null;
	}
});

/** Ticks a thing of the bag off, or back on. */
export const pack = (key: string, packed: boolean): Command => ({
	name: packed ? ACTS.packAThing() : ACTS.unpackAThing(),
	recipe: (draft) => {
		const others = draft.packed.filter((each) => each !== key);
		draft.packed = packed ? [...others, key] : others;
	}
});
