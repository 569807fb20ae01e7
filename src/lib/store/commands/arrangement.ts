import { ACTS } from '../../words/en/acts.ts';
import {
	activeArrangement,
	movedBy,
	startPlacement,
	type Arrangement,
	type Move,
	type Piece,
	type PlacedHeight,
	type Placement,
	type PlannedPiece,
	type Reserved
} from '../../core/index.ts';
import type { Command } from '../history.ts';
import { copy } from './copy.ts';
import { wallIn } from './find.ts';

/** Puts a piece on a wall, taking it down from wherever else it stands. */
export const hangOnWall = (
	wallId: string,
	{ id, letter }: Piece,
	x: number,
	height: PlacedHeight = { from: 'house' }
): Command => ({
	name: ACTS.putOnTheWall({ letter }),
	recipe: (draft) => {
		for (const wall of draft.walls) {
			const arrangement = activeArrangement(wall);
			arrangement.placements = arrangement.placements.filter(({ pieceId }) => pieceId !== id);
		}
		const wall = wallIn(draft, wallId);
		if (wall) activeArrangement(wall).placements.push(startPlacement(id, x, height));
	}
});

/**
 * Adds pieces, in a row on the house line about the middle of a wall where nothing hangs yet and they have room; else they
 * wait beside it.
 */
export const addInRow = (wallId: string, pieces: readonly Piece[]): Command => ({
	name:
		pieces.length === 1
			? ACTS.addPiece({ letter: pieces[0]!.letter })
			: ACTS.addPieces({ count: pieces.length }),
	recipe: (draft) => {
		draft.pieces.push(...pieces);
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		const { placements } = activeArrangement(wall);
		const { gap } = draft.houseRules;
		const whole = pieces.reduce((sum, { width }) => sum + width + gap, -gap);
		if (placements.length > 0 || whole > wall.width) return;
		let left = (wall.width - whole) / 2;
		for (const { id, width } of pieces) {
			placements.push(startPlacement(id, left + width / 2, { from: 'house' }));
			left += width + gap;
		}
	}
});

/** Puts pieces where an arrangement has them, taking each down from wherever else it stands, and those left out as well. */
export const placePieces = (
	wallId: string,
	placements: readonly Placement[],
	off: readonly string[] = []
): Command => ({
	name: ACTS.arrangeTheWall(),
	recipe: (draft) => {
		const moved = new Set([...off, ...placements.map(({ pieceId }) => pieceId)]);
		for (const wall of draft.walls) {
			const arrangement = activeArrangement(wall);
			arrangement.placements = arrangement.placements.filter(({ pieceId }) => !moved.has(pieceId));
		}
		const wall = wallIn(draft, wallId);
		if (wall) activeArrangement(wall).placements.push(...placements);
	}
});

export const takeDown = (wallId: string, { id, letter }: Piece): Command => ({
	name: ACTS.takeOffTheWall({ letter }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		const arrangement = activeArrangement(wall);
		arrangement.placements = arrangement.placements.filter(({ pieceId }) => pieceId !== id);
	}
});

export const movePiece = (
	wallId: string,
	pieceId: string,
	to: { x?: number; height?: PlacedHeight },
	merge?: string
): Command => ({
	name: ACTS.moveAPiece(),
	...(merge === undefined ? {} : { merge }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		const placement = wall && activeArrangement(wall).placements.find((p) => p.pieceId === pieceId);
		if (!placement) return;
		if (to.x !== undefined) placement.x = to.x;
		if (to.height !== undefined) placement.height = to.height;
	}
});

/** Shifts several pieces from where they hang, as one step; locked ones stay. */
export const movePieces = (
	wallId: string,
	moves: readonly Move[],
	hung: readonly PlannedPiece[],
	merge?: string
): Command => ({
	name: ACTS.movePiecesTogether(),
	...(merge === undefined ? {} : { merge }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		for (const { id, dx, dy } of moves) {
			const placement = activeArrangement(wall).placements.find(({ pieceId }) => pieceId === id);
			const piece = hung.find(({ pieceId }) => pieceId === id);
			if (!placement || !piece || placement.locked) continue;
			Object.assign(placement, movedBy(placement, { dx, dy }, piece.rect));
		}
	}
});

/** Takes a piece off the wall and brings the rest of its row together. */
export const takeOutOfRow = (
	wallId: string,
	piece: Piece,
	moves: readonly Move[],
	hung: readonly PlannedPiece[]
): Command => ({
	name: ACTS.takeOutOfItsRow({ letter: piece.letter }),
	recipe: (draft) => {
		takeDown(wallId, piece).recipe(draft);
		movePieces(wallId, moves, hung).recipe(draft);
	}
});

const placementsIn = (
	draft: Parameters<Command['recipe']>[0],
	wallId: string,
	pieceIds: readonly string[]
) => {
	const wall = wallIn(draft, wallId);
	return wall
		? activeArrangement(wall).placements.filter(({ pieceId }) => pieceIds.includes(pieceId))
		: [];
};

/** Holds pieces where they are, or frees them. */
export const lockPieces = (
	wallId: string,
	pieceIds: readonly string[],
	locked: boolean
): Command => ({
	name: locked ? ACTS.lockInPlace() : ACTS.freeToMove(),
	recipe: (draft) => {
		for (const placement of placementsIn(draft, wallId, pieceIds)) placement.locked = locked;
	}
});

/** Makes pieces one group, which moves as one; an empty name takes them apart. */
export const groupPieces = (
	wallId: string,
	pieceIds: readonly string[],
	group: string
): Command => ({
	name: group === '' ? ACTS.takeTheGroupApart() : ACTS.groupPieces(),
	recipe: (draft) => {
		for (const placement of placementsIn(draft, wallId, pieceIds)) placement.group = group;
	}
});

/** Keeps a part of the wall free. */
export const reserve = (wallId: string, space: Reserved): Command => ({
	name: ACTS.reserveASpace(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) activeArrangement(wall).reserved.push(space);
	}
});

export const setReserved = (
	wallId: string,
	id: string,
	to: Partial<Omit<Reserved, 'id'>>
): Command => ({
	name: ACTS.changeAReservedSpace(),
	merge: `reserved-${id}`,
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		const space = wall && activeArrangement(wall).reserved.find((each) => each.id === id);
		if (space) Object.assign(space, { ...to, id });
	}
});

export const unreserve = (wallId: string, id: string): Command => ({
	name: ACTS.giveASpaceBack(),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall) return;
		const arrangement = activeArrangement(wall);
		arrangement.reserved = arrangement.reserved.filter((space) => space.id !== id);
	}
});

/** Keeps the arrangement on the wall as a copy under a name, to come back to or to compare. */
export const keepArrangement = (wallId: string, id: string, name: string): Command => ({
	name: ACTS.keep({ name }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (wall) wall.arrangements.push({ ...copy(activeArrangement(wall)), id, name });
	}
});

/** Hangs another arrangement of the wall, taking its pieces down from wherever else they stand. */
export const hangArrangement = (wallId: string, { id, name }: Arrangement): Command => ({
	name: ACTS.hang({ name }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		const chosen = wall?.arrangements.find((each) => each.id === id);
		if (!wall || !chosen) return;
		const hung = chosen.placements.map(({ pieceId }) => pieceId);
		for (const other of draft.walls) {
			if (other.id === wallId) continue;
			const arrangement = activeArrangement(other);
			arrangement.placements = arrangement.placements.filter(
				({ pieceId }) => !hung.includes(pieceId)
			);
		}
		wall.activeArrangement = id;
	}
});

export const nameArrangement = (wallId: string, id: string, name: string): Command => ({
	name: ACTS.nameAnArrangement(),
	merge: `arrangement-${id}`,
	recipe: (draft) => {
		const arrangement = wallIn(draft, wallId)?.arrangements.find((each) => each.id === id);
		if (arrangement) arrangement.name = name;
	}
});

/** Throws a kept arrangement away; the one on the wall stays. */
export const dropArrangement = (wallId: string, { id, name }: Arrangement): Command => ({
	name: ACTS.throwAway({ name }),
	recipe: (draft) => {
		const wall = wallIn(draft, wallId);
		if (!wall || wall.activeArrangement === id) return;
		wall.arrangements = wall.arrangements.filter((each) => each.id !== id);
	}
});
