import { ACTS } from '../../words/en/acts.ts';
import {
	chooseOn,
	hookWith,
	hungPiece,
	measureOn,
	startBack,
	type Back,
	type HangerKind,
	type HookKind,
	type Piece
} from '../../core/index.ts';
import type { Command } from '../history.ts';
import { copy } from './copy.ts';
import { pieceIn } from './find.ts';
import { setPiece } from './piece.ts';

function changeBack(
	name: string,
	id: string,
	change: (back: Back, piece: Piece) => Back,
	merge?: string
) {
	const command: Command = {
		name,
		recipe: (draft) => {
			const piece = pieceIn(draft, id);
			if (!piece) return;
			const before = plain(piece.back);
			const next = change(before, piece);
			if (next !== before) piece.back = next;
		}
	};
	return merge === undefined ? command : { ...command, merge };
}

const plain = (back: Back): Back => copy(back);

export const measureBack = (id: string, key: string, value: number): Command =>
	changeBack(
		ACTS.measureItsBack(),
		id,
		(back, piece) => measureOn(back, hungPiece(piece), key, value),
		`back-${id}-${key}`
	);

export const chooseOnBack = (id: string, key: string, answer: string): Command =>
	changeBack(ACTS.changeItsBack(), id, (back) => chooseOn(back, key, answer));

/** Another way to hang; the hook follows unless the person chose one of their own. */
export const changeHanger = (id: string, kind: HangerKind): Command => ({
	name: ACTS.changeHowItHangs(),
	recipe: (draft) => {
		const piece = pieceIn(draft, id);
		if (!piece || piece.back.kind === kind) return;
		putBack(piece, startBack(kind, piece, plain(piece.back)));
	}
});

/** Gives a piece another back; the hook set for it follows unless it was chosen and still serves. */
export function putBack(piece: Piece, back: Back): void {
	piece.hook = hookWith(piece, back);
	piece.back = back;
}

export const setHook = (id: string, hook: HookKind): Command => setPiece(id, { hook });
