import { ACTS } from '../../words/en/acts.ts';
import {
	hangerOf,
	hungPiece,
	kindOf,
	nextLetter,
	startOutline,
	type Found,
	type PieceKind,
	startBack,
	type Piece,
	type Project
} from '../../core/index.ts';
import type { Command } from '../history.ts';
import { copy } from './copy.ts';
import { pieceIn } from './find.ts';

/** Whether a piece is in the Book: its history would go with it, so it stays. */
export const isInBook = ({ hangings }: Pick<Project, 'hangings'>, pieceId: string): boolean =>
	hangings.some((each) => each.pieceId === pieceId);

/** Takes a piece out of the project, and down from every wall; one that is in the Book stays. */
export const removePiece = ({ id, letter }: Piece): Command => ({
	name: ACTS.removePiece({ letter }),
	recipe: (draft) => {
		if (isInBook(draft, id)) return;
		draft.pieces = draft.pieces.filter((piece) => piece.id !== id);
		for (const wall of draft.walls) {
			for (const arrangement of wall.arrangements)
				arrangement.placements = arrangement.placements.filter(({ pieceId }) => pieceId !== id);
			const { across, up } = wall.tape;
			if (across.from === 'piece' && across.id === id) wall.tape.across = { from: 'nearest' };
			if (up.from === 'piece' && up.id === id) wall.tape.up = { from: 'floor-here' };
		}
	}
});

export const setPiece = (
	id: string,
	fields: Partial<Omit<Piece, 'id' | 'letter' | 'back'>>
): Command => ({
	name: ACTS.changePiece({ fields: Object.keys(fields) }),
	merge: `piece-${id}-${Object.keys(fields).join()}`,
	recipe: (draft) => {
		const piece = pieceIn(draft, id);
		if (piece) Object.assign(piece, fields);
	}
});

/** Another kind of piece; what that kind cannot have goes, and a back nobody measured starts anew. */
export const changeKind = (id: string, kind: PieceKind): Command => ({
	name: ACTS.changeItsKind(),
	recipe: (draft) => {
		const piece = pieceIn(draft, id);
		if (!piece || piece.kind === kind) return;
		const before = kindOf(piece.kind);
		const next = kindOf(kind);
		piece.kind = kind;
		if (piece.depth === before.depth) piece.depth = next.depth;
		if (!next.outlines.includes(piece.outline.by)) piece.outline = startOutline(next.outlines[0]);
		if (!next.glazing) piece.glazing = 'none';
		else if (kind === 'mirror') piece.glazing = 'glass';
		if (!next.framed) piece.frame = null;
		const { back } = piece;
		const untouched = hangerOf(back)
			.dimensions(copy(back), hungPiece(piece as Piece))
			.every(({ key }) => back.assumed.includes(key));
		if (!untouched || next.hangers.includes(back.kind)) return;
		piece.back = startBack(next.hangers[0], piece);
		piece.hook = hangerOf(piece.back).hooks[0];
	}
});

/** A quarter turn: width and height change places, and its back has to be read again. */
export const turnPiece = (id: string): Command => ({
	name: ACTS.turnAPiece(),
	recipe: (draft) => {
		const piece = pieceIn(draft, id);
		if (!piece) return;
		[piece.width, piece.height] = [piece.height, piece.width];
		piece.massOffset = 0;
		piece.massUp = null;
		if (piece.outline.by === 'polygon')
			piece.outline.points = piece.outline.points.map(({ x, y }) => ({ x: 1 - y, y: x }));
		piece.back = startBack(piece.back.kind, piece);
	}
});

/** More pieces like one, all of one set, each with a letter of its own. */
export const duplicateAsSet = (piece: Piece, copies: readonly { id: string }[]): Command => ({
	name: ACTS.duplicate({ letter: piece.letter }),
	recipe: (draft) => {
		const original = pieceIn(draft, piece.id);
		if (!original) return;
		const set = original.set || `Set of ${original.name}`.slice(0, 120);
		original.set = set;
		for (const { id } of copies) {
			const letter = nextLetter(draft.pieces.map((each) => each.letter));
			draft.pieces.push({ ...copy(piece), id, letter, set, found: {}, photo: '' });
		}
	}
});

/** The same change to several pieces. */
export const setPieces = (
	ids: readonly string[],
	fields: Partial<Omit<Piece, 'id' | 'letter' | 'back'>>
): Command => ({
	name: ACTS.changePieces({ count: ids.length }),
	recipe: (draft) => {
		for (const piece of draft.pieces)
			if (ids.includes(piece.id)) Object.assign(piece, copy(fields));
	}
});

export const removePieces = (pieces: readonly Piece[]): Command => ({
	name: ACTS.removePieces({ count: pieces.length }),
	recipe: (draft) => {
		for (const piece of pieces) removePiece(piece).recipe(draft);
	}
});

export const addPieces = (pieces: readonly Piece[]): Command => ({
	name: ACTS.addPieces({ count: pieces.length }),
	recipe: (draft) => void draft.pieces.push(...pieces)
});

/** What was found on looking a piece over; null takes the finding back. */
export const setFound = (id: string, check: string, found: Found | null): Command => ({
	name: ACTS.lookAPieceOver(),
	merge: `found-${id}-${check}`,
	recipe: (draft) => {
		const piece = pieceIn(draft, id);
		if (!piece) return;
		const others = Object.entries(piece.found).filter(([known]) => known !== check);
		piece.found = Object.fromEntries(found ? [...others, [check, found]] : others);
	}
});
