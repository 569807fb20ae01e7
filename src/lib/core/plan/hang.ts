import { care, stop, type Caution } from '../caution.ts';
import { addUp, combine, minus, plus, TAPE_READING, type Derived } from '../derived.ts';
import { hookOf, type HookKind } from '../fixings/index.ts';
import type { Rect } from '../geometry/rect.ts';
import {
	hangerOf,
	unmeasured,
	type Dimension,
	type Hung,
	type HungPiece,
	type PointLoad,
	type WallPoint
} from '../hangers/index.ts';
import { memoised } from '../memo.ts';
import type { Piece } from '../model/piece.ts';
import type { Project } from '../model/project.ts';
import type { Placement } from '../model/wall.ts';
import { ok, type Failure, type Result } from '../result.ts';
import { hookHeightTerms } from '../statics/hook-height.ts';
import { weightOf } from '../units/constants.ts';
import { weightToReckon } from '../weight/piece-weight.ts';
import { placePiece, splitFloor, type CentreLine, type Placed } from './place.ts';

interface Point {
	x: number;
	y: number;
}

/** One hook on the wall. Statics speak of the bearing; marks, of the hole. */
export interface PlannedHook {
	id: string;
	name: WallPoint['name'];
	kind: HookKind;
	/** Where the load meets the hook. */
	bearing: Point;
	/** Where the nail or screw goes in. */
	hole: Point;
	/** Of the bearing, above the level datum. */
	height: Derived;
	/** Of the bearing, from the wall's left end. */
	across: Derived;
	drop: Derived;
	/** Cord or rod from the top of the picture rail down to the bearing; null where none is used, or no rail is known. */
	cord: Derived | null;
	load: PointLoad | null;
}

export interface PlannedPiece {
	pieceId: string;
	letter: string;
	name: string;
	rect: Rect;
	from: Placed['from'];
	/** Empty while the back is impossible. */
	hooks: PlannedHook[];
	hung: Hung | null;
	/** Why there are no hooks. */
	trouble: Failure | null;
	cautions: Caution[];
}

/** A piece as its hanger needs it. */
export const hungPiece = memoised((piece: Piece): HungPiece => {
	const { width, height, depth, kind, glazing, frame, massOffset, massUp } = piece;
	const known = weightToReckon(piece);
	return {
		width,
		height,
		depth,
		weight: known === null ? null : weightOf(known.kg),
		massOffset,
		massUp: massUp ?? height / 2,
		kind,
		glazed: glazing !== 'none',
		frame
	};
});

/** What nobody has measured yet on a piece's back. */
export const unmeasuredOn = memoised((piece: Piece): Dimension[] =>
	unmeasured(piece.back, hungPiece(piece))
);

/** What follows from a piece's back. */
export const hangPiece = memoised((piece: Piece, hookMargin: number): Result<Hung> =>
	withSuitability(piece, hangerOf(piece.back).solve(piece.back, hungPiece(piece), { hookMargin }))
);

/** Adds what the way of hanging is not for to the cautions of its back. */
function withSuitability(piece: Piece, hung: Result<Hung>): Result<Hung> {
	if (!hung.ok) return hung;
	const facts = hungPiece(piece);
	const unsuited = hangerOf(piece.back)
		.unsuitable.filter(({ when }) => when(facts))
		.map(({ grade, code, why, instead }) => ({ grade, code, message: why, remedy: instead }));
	return ok({ ...hung.value, cautions: [...unsuited, ...hung.value.cautions] });
}

/** Offset from bearing to hole: the person's own hook if measured, else the typical one. */
export function bearingToHole(kit: Project['kit'], kind: HookKind): { dx: number; dy: number } {
	const typical = hookOf(kind).bearingToHole;
	return { dx: typical.dx, dy: kit[kind]?.dy ?? typical.dy };
}

/** A placed piece with its hooks on the wall. */
export const planPiece = memoised(
	(
		placement: Placement,
		piece: Piece,
		centreLineY: number,
		floorRise: number,
		hookMargin: number,
		kit: Project['kit'],
		rail: number | null
	): PlannedPiece => {
		const placed = placePiece(piece, placement, centreLineY);
		const hung = hangPiece(piece, hookMargin);
		const base = {
			pieceId: piece.id,
			letter: piece.letter,
			name: piece.name,
			rect: placed.rect,
			from: placed.from
		};
		if (!hung.ok) return { ...base, hooks: [], hung: null, trouble: hung.error, cautions: [] };
		const centreLine: CentreLine = { y: centreLineY, floor: floorRise };
		const houseFloor = placement.height.from === 'house' ? centreLine.floor : 0;
		const hooks = hung.value.points.map((point, index) =>
			planHook({ piece, placement, placed, point, index, houseFloor, kit, rail })
		);
		return {
			...base,
			hooks,
			hung: hung.value,
			trouble: null,
			cautions: [...railCautions(hung.value, hooks), ...hung.value.cautions]
		};
	}
);

function planHook({
	piece,
	placement,
	placed,
	point,
	index,
	houseFloor,
	kit,
	rail
}: {
	piece: Piece;
	placement: Placement;
	placed: Placed;
	point: WallPoint;
	index: number;
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
			{ label: 'piece height', plusMinus: placed.from === 'centre' ? TAPE_READING / 2 : 0 }
		])
	};
	const across = addUp(
		[plus('middle of the piece', placement.x), plus('hook off the middle', point.x)],
		'middle of the piece and the hook’s place on it'
	);
	const offset = point.hole ?? bearingToHole(kit, piece.hook);
	const bearing = { x: across.value, y: height.value };
	return {
		id: `${piece.id}:${index}`,
		name: point.name,
		kind: piece.hook,
		bearing,
		hole: { x: bearing.x + offset.dx, y: bearing.y + offset.dy },
		height,
		across,
		drop: point.drop,
		cord: point.fromRail && rail !== null ? cordTo(height, rail) : null,
		load: point.load
	};
}

function cordTo(height: Derived, rail: number): Derived {
	return addUp(
		[plus('top of the rail', rail), minus('bearing', height.value)],
		'top of the picture rail, less the height of the bearing',
		[...height.parts, { label: 'height of the rail', plusMinus: TAPE_READING }]
	);
}

function railCautions({ points }: Hung, hooks: readonly PlannedHook[]): Caution[] {
	if (!points.some(({ fromRail }) => fromRail)) return [];
	if (hooks.some(({ cord }) => cord === null))
		return [
			care(
				'no-rail',
				'This wall has no picture rail yet, so the length of the cords is not known.',
				'Enter the height of the rail’s top in Survey, or hang it another way.'
			)
		];
	if (hooks.some(({ cord }) => cord!.value <= 0))
		return [
			stop(
				'above-rail',
				'It would hang above the picture rail.',
				'Place it lower, or hang it another way.'
			)
		];
	return [];
}
