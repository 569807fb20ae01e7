import type { Use } from '../../fixing/choose/holds.ts';
import type { Hanging, HungPoint } from '../../model/hanging.ts';
import type { Piece } from '../../piece/piece.ts';
import type { PieceFix } from '../../plan/fix.ts';
import type { PlannedPiece } from '../../model/planned.ts';

/** How far a hook is used, where that is known. */
export function useOfHook(fix: PieceFix | undefined, index: number): Use | null {
	const use = fix?.currentUses[index];
	return use?.ok ? use.value : null;
}

/** What a piece hangs on, as it is kept once it hangs. */
export const frozenPoints = (
	{ hooks }: Pick<PlannedPiece, 'hooks'>,
	fix: PieceFix | undefined
): HungPoint[] =>
	hooks.map(({ name, kind, bearing, hole, load }, index) => {
		const use = useOfHook(fix, index);
		return {
			...{ name, bearing, hole },
			hook: kind,
			carries: load ? load.down.value : null,
			may: use?.allowedLoad ?? null,
			ratedBy: use?.ratingSource ?? '',
			ground: use?.ground ?? null
		};
	});

/** A piece as it goes up now: where it is planned to hang, and on what. */
export const newHanging = (
	{ id: pieceId, back }: Pick<Piece, 'id' | 'back'>,
	{ rect }: Pick<PlannedPiece, 'rect'>,
	points: HungPoint[],
	told: Pick<Hanging, 'id' | 'wallId' | 'since' | 'by'>
): Hanging => ({
	...told,
	...{ pieceId, rect, way: back.kind, points },
	...{ tilt: null, until: null, why: '', looks: [] }
});
