import { pointId } from '../model/point-id.ts';
import { care, stop } from './said.ts';
import { TAPE_READING_MM } from '../base/figures/readings.ts';
import type { Caution } from '../base/caution.ts';
import { addUp, combine, minus, plus, type Derived } from '../base/derived.ts';
import { bearingToHole, hookOf, sitsOf, type HookKind } from '../catalogue/facts/index.ts';
import {
	hangerOf,
	type HangerRules,
	type HangSolution,
	type WallPoint
} from '../piece/hangers/index.ts';
import { withSuitability } from '../piece/hangers/suited.ts';
import { memoised } from '../base/memo.ts';
import type { Fix } from '../model/fix.ts';
import type { Piece } from '../piece/piece.ts';
import type { Project } from '../model/project.ts';
import type { Placement } from '../model/wall.ts';
import type { Result } from '../base/result.ts';
import { top } from '../base/geometry/rect.ts';
import { hookHeightTerms } from '../piece/statics/hook-height.ts';
import { hungPiece } from '../piece/hung-piece.ts';
import type { PlannedHook, PlannedPiece } from '../model/planned.ts';
import { placePiece, splitFloor, type CentreLine, type Placed } from '../model/placed.ts';

/** What follows from a piece's back. */
export const hangPiece = memoised((piece: Piece, rules: HangerRules): Result<HangSolution> => {
	const hanger = hangerOf(piece.back);
	const facts = hungPiece(piece);
	return withSuitability(hanger.solve(piece.back, facts, rules), hanger, facts, rules);
});

/** The same with its hooks as they were settled for the place where it hangs. */
const hangAsFixed = memoised((fix: Fix, piece: Piece, rules: HangerRules): Result<HangSolution> => {
	const hanger = hangerOf(piece.back);
	const places = fix.points.flatMap(({ x }) => x ?? []);
	if (!hanger.meet || places.length !== fix.points.length) return hangPiece(piece, rules);
	const facts = hungPiece(piece);
	return withSuitability(hanger.meet.solve(piece.back, facts, rules, places), hanger, facts, rules);
});

/** A piece moved sideways by less stays as it was settled, mm. */
const STAYED = 1;

/** How a fixing stands that was settled for a place: it counts where the piece still is there. */
export const standingFix = ({ fix, x }: Placement): Fix | null =>
	fix && Math.abs(fix.at - x) < STAYED ? fix : null;

/** How a piece hangs, with its hooks where they were settled for it. */
export const hangAt = (
	standing: Fix | null,
	piece: Piece,
	rules: HangerRules
): Result<HangSolution> =>
	standing ? hangAsFixed(standing, piece, rules) : hangPiece(piece, rules);

/** A placed piece with its hooks on the wall. */
export const planPiece = memoised(
	(
		placement: Placement,
		piece: Piece,
		centreLineY: number,
		floorRise: number,
		rules: HangerRules,
		kit: Project['kit'],
		rail: number | null
	): PlannedPiece => {
		const placed = placePiece(piece, placement, centreLineY);
		const { fix } = placement;
		const standing = standingFix(placement);
		const hung = hangAt(standing, piece, rules);
		const base = {
			pieceId: piece.id,
			letter: piece.letter,
			name: piece.name,
			rect: placed.rect,
			from: placed.from
		};
		if (!hung.ok)
			return { ...base, hooks: [], hung: null, settled: false, trouble: hung.error, cautions: [] };
		const centreLine: CentreLine = { y: centreLineY, floor: floorRise };
		const houseFloor = placement.height.from === 'house' ? centreLine.floor : 0;
		const settled = standing?.points.length === hung.value.points.length ? standing.points : null;
		const hooks = hung.value.points.map((point, index) => {
			const kind = settled?.[index]!.hook ?? piece.hook;
			return planHook({ piece, placement, placed, point, index, kind, houseFloor, kit, rail });
		});
		return {
			...base,
			hooks,
			hung: hung.value,
			trouble: null,
			settled: settled !== null,
			cautions: [
				...railCautions(hung.value, hooks),
				...showing(piece, placed, hooks),
				...(fix && !settled ? [outdated(piece.letter)] : []),
				...hung.value.cautions
			]
		};
	}
);

function planHook({
	piece,
	placement,
	placed,
	point,
	index,
	kind,
	houseFloor,
	kit,
	rail
}: {
	piece: Piece;
	placement: Placement;
	placed: Placed;
	point: WallPoint;
	index: number;
	kind: HookKind;
	houseFloor: number;
	kit: Project['kit'];
	rail: number | null;
}): PlannedHook {
	const terms = hookHeightTerms({
		from: placed.from,
		at: placed.at,
		height: piece.height,
		drop: point.drop.value
	});
	const height: Derived = {
		...addUp(splitFloor(terms, houseFloor), 'centre, top or bottom of the piece, less the drop'),
		...combine([
			...point.drop.parts,
			{ label: 'piece height', plusMinus: placed.from === 'centre' ? TAPE_READING_MM / 2 : 0 }
		])
	};
	const across = addUp(
		[plus('middle of the piece', placement.x), plus('hook off the middle', point.x)],
		'middle of the piece and the hook’s place on it'
	);
	const offset = point.hole ?? bearingToHole(kit, kind);
	const sits = sitsOf(kit, kind);
	const bearing = { x: across.value, y: height.value };
	return {
		id: pointId({ of: piece.id, index }),
		name: point.name,
		kind,
		bearing,
		hole: { x: bearing.x + offset.dx, y: bearing.y + offset.dy - sits },
		...(sits !== 0 && { sits }),
		height,
		across,
		drop: point.drop,
		cord: point.fromRail && rail !== null ? cordTo(height, rail) : null,
		load: point.load
	};
}

const outdated = (letter: string): Caution => care('fix-outdated', { letter });

function cordTo(height: Derived, rail: number): Derived {
	return addUp(
		[plus('top of the rail', rail), minus('bearing', height.value)],
		'top of the picture rail, less the height of the bearing',
		[...height.parts, { label: 'height of the rail', plusMinus: TAPE_READING_MM }]
	);
}

/** Hooks whose hole lies above the top edge: their plate would be seen. */
function showing({ letter }: Piece, { rect }: Placed, hooks: readonly PlannedHook[]): Caution[] {
	return hooks
		.filter(({ kind, hole }) => hookOf(kind).puts === 'hole' && hole.y > top(rect))
		.map(({ name, hole }) => care('hole-shows', { letter, name, above: hole.y - top(rect) }));
}

function railCautions({ points }: HangSolution, hooks: readonly PlannedHook[]): Caution[] {
	if (!points.some(({ fromRail }) => fromRail)) return [];
	if (hooks.some(({ cord }) => cord === null)) return [care('no-rail')];
	if (hooks.some(({ cord }) => cord!.value <= 0)) return [stop('above-rail')];
	return [];
}
