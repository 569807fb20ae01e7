import { care } from './said.ts';
import type { Caution } from '../../base/caution.ts';
import { SEEN_LEAN_MM } from '../../base/figures/people.ts';
import { TAPE_READING_MM } from '../../base/figures/readings.ts';
import { addUp, byFormula, plus, type Derived } from '../../base/derived.ts';
import { leanPull } from '../statics/lean.ts';
import { twoPointLoads } from '../statics/two-points.ts';
import type { HungPiece, PointLoad, WallPoint } from './types.ts';

/** How far piece and wall each hold their half of the joint off, mm. */
export interface StandOffs {
	onPiece: number;
	onWall: number;
}

/** A drop read straight off the back. */
export const readDrop = (label: string, drop: number): Derived =>
	addUp([plus(label, drop)], 'read on the back', [{ label, plusMinus: TAPE_READING_MM }]);

/** A rigid point takes weight and pull, and nothing sideways. */
export const straightLoad = (down: Derived, pull: Derived): PointLoad => ({
	down,
	inward: 0,
	outward: 0,
	pull
});

/** Pull off the wall of all points together, N, from the piece's lean about its bottom edge. */
export const leanOff = (piece: HungPiece, drop: number, standOffs: StandOffs): number =>
	piece.weight === null ? 0 : (leaning(piece, drop, standOffs)?.pull ?? 0);

/** Whether its top edge stands far off the wall, as it hangs from points so far down. */
export function leansOut(
	piece: HungPiece,
	points: readonly WallPoint[],
	standOffs: StandOffs,
	path: string
): Caution[] {
	const lowest = Math.max(...points.map(({ drop }) => drop.value));
	const off = leaning(piece, lowest, standOffs)?.topGap ?? 0;
	return off < SEEN_LEAN_MM ? [] : [care('leans-out', { off }, path)];
}

function leaning(piece: HungPiece, drop: number, { onPiece, onWall }: StandOffs) {
	if (drop >= piece.height) return null;
	return leanPull({
		weight: piece.weight ?? 1,
		height: piece.height,
		depth: piece.depth,
		ringDrop: Math.max(drop, 0),
		rise: 0,
		ringStandOff: onPiece,
		hookStandOff: onWall,
		massAboveBottom: piece.massUp
	});
}

const LEAN = 'W(x_cg - p)/h about the bottom edge, from the lean';

/** One point that carries the whole piece. */
export function onePoint(
	at: { name?: string; x: number; drop: Derived },
	piece: HungPiece,
	standOffs: StandOffs
): WallPoint {
	return {
		name: at.name ?? 'hook',
		x: at.x,
		drop: at.drop,
		load:
			piece.weight === null
				? null
				: straightLoad(
						byFormula(piece.weight, 'the weight'),
						byFormula(leanOff(piece, at.drop.value, standOffs), LEAN)
					)
	};
}

/** Two points that share a piece by the place of its centre of mass between them. */
export function twoPoints(
	[left, right]: [left: WallPlace, right: WallPlace],
	piece: HungPiece,
	standOffs: StandOffs
): [WallPoint, WallPoint] {
	const lean = leanOff(piece, Math.min(left.drop.value, right.drop.value), standOffs);
	const share = sharesOf(left.x, right.x, piece);
	const point = (place: WallPlace, side: 'left' | 'right'): WallPoint => ({
		...place,
		load:
			piece.weight === null || !share
				? null
				: straightLoad(
						byFormula(share[side], shareSource(share)),
						byFormula((lean * Math.max(share[side], 0)) / piece.weight, LEAN)
					)
	});
	return [point(left, 'left'), point(right, 'right')];
}

export type WallPlace = Omit<WallPoint, 'load'>;

const shareSource = ({ left, right }: { left: number; right: number }): string =>
	Math.abs(left - right) < ROUNDING_N
		? 'half the weight'
		: 'W(1/2 ∓ e/S), e the centre of mass off their middle';

/** Two shares differ by less than this only as numbers are rounded, N. */
const ROUNDING_N = 1e-6;

function sharesOf(left: number, right: number, { weight, massOffset }: HungPiece) {
	if (weight === null) return null;
	return twoPointLoads({
		span: right - left,
		weight,
		massOffset: massOffset - (left + right) / 2
	});
}
