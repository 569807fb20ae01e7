import { HARDWARE_OFF_MM } from '../base/figures/readings.ts';
import { memoised } from '../base/memo.ts';
import type { Fix } from '../model/fix.ts';
import { hangerOf, type HangerRules, type HangSolution } from '../piece/hangers/index.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import { balanceOf, pieceFacts, type PieceFact } from '../piece/piece-facts.ts';
import type { Piece } from '../piece/piece.ts';
import { factKey } from '../readings/fact.ts';
import type { KeptReadings } from '../readings/kept.ts';
import type { Share, Spread } from '../readings/spread.ts';
import { hangAt } from './hang.ts';

/** How far a piece lands off by what was read of it, its hooks being where they were planned; mm. */
export interface PieceSpread {
	/** Of its top edge: it hangs lower where its drop is more than was read. */
	top: Spread;
	/** Of its centre line. */
	side: Spread;
	/** Of its last point's drop over its first one's: so much higher stands its right end. */
	ends: Spread;
	/** Its width and its height themselves. */
	width: Spread;
	height: Spread;
}

/**
 * What each figure of a piece does to where it lands, found by taking the figure one standard deviation larger.
 * True top = hook + true drop, so it is off by Δdrop; true middle = hook - true place of the hook on it, by -Δx.
 */
export const pieceSpread = memoised(
	(piece: Piece, fix: Fix | null, rules: HangerRules, kept: KeptReadings): PieceSpread | null => {
		const hung = hangAt(fix, piece, rules);
		if (!hung.ok || hung.value.points.length === 0) return null;
		const facts = pieceFacts(piece, kept);
		const moved = facts.map((fact) => ({
			fact,
			// What it weighs moves no point, and its loads are not asked for here.
			by: effectOf(fact, hung.value, (changed) =>
				hangAt(fix, { ...changed, weight: null, build: null }, rules)
			)
		}));
		const of = (key: string) => facts.filter(({ fact }) => fact.of === 'piece' && fact.key === key);
		return {
			top: moved.map(({ fact, by }) => share(fact, by.drop)).filter(counts),
			side: [
				...moved.map(({ fact, by }) => share(fact, -by.x)),
				hardwareOff(piece, follows(piece, moved))
			].filter(counts),
			ends: moved.map(({ fact, by }) => share(fact, by.ends)).filter(counts),
			width: of('width').map((fact) => share(fact, fact.sd)),
			height: of('height').map((fact) => share(fact, fact.sd))
		};
	}
);

interface Moved {
	drop: number;
	x: number;
	ends: number;
}

const counts = ({ effect }: Share): boolean => Math.abs(effect) > 1e-9;

const share = ({ fact, label, state }: PieceFact, effect: number): Share => ({
	...{ cause: factKey(fact), what: 'fact', of: label, effect },
	...(state === 'assumed' && { assumed: true as const })
});

/** By how much its points move on it, on the whole; where it cannot hang so, the other way is tried. */
function effectOf(
	{ sd, value, with: changed }: PieceFact,
	hung: HangSolution,
	hang: (piece: Piece) => ReturnType<typeof hangAt>
): Moved {
	if (sd === 0) return { drop: 0, x: 0, ends: 0 };
	for (const step of [sd, -sd, sd / 100, -sd / 100]) {
		const solved = hang(changed(value + step));
		if (!solved.ok || solved.value.points.length !== hung.points.length) continue;
		const mean = (by: (index: number) => number) =>
			hung.points.reduce((sum, _, index) => sum + by(index), 0) / hung.points.length;
		const { points } = solved.value;
		const lower = (at: number) => points.at(at)!.drop.value - hung.points.at(at)!.drop.value;
		return {
			drop: (mean(lower) * sd) / step,
			ends: ((lower(-1) - lower(0)) * sd) / step,
			x: (mean((at) => points[at]!.x - hung.points[at]!.x) * sd) / step
		};
	}
	return { drop: sd, x: sd, ends: 0 };
}

/** How far the hooks follow the mass: all the way under one hook on a wire, not at all on fixed points. */
function follows(piece: Piece, moved: readonly { fact: PieceFact; by: Moved }[]): number {
	const balance = factKey(balanceOf(piece.id));
	const mass = moved.find(({ fact }) => factKey(fact.fact) === balance);
	return mass ? Math.min(Math.abs(mass.by.x / mass.fact.sd), 1) : 0;
}

/** Hardware put on by eye is off the middle of its back: the piece is off by as much, less what its mass takes back. */
function hardwareOff(piece: Piece, follows: number): Share {
	return {
		...{ cause: hardwareCause(piece.id), what: 'hardware', of: piece.letter },
		effect: readAcross(piece) ? 0 : HARDWARE_OFF_MM * (1 - follows)
	};
}

export const hardwareCause = (pieceId: string): string => `hardware/${pieceId}`;

/** Its hardware is read from the middle of the back, or from both of its edges. */
const readAcross = ({ back, ...piece }: Piece): boolean =>
	hangerOf(back)
		.dimensions(back, hungPiece({ back, ...piece }))
		.some(({ signed, from, to }) => signed && from.drop === to.drop);
