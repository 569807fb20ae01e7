import type { Piece, Project } from '../../core/index.ts';

export const pieceIn = (draft: Project, id: string): Piece | undefined =>
	draft.pieces.find((piece) => piece.id === id);
