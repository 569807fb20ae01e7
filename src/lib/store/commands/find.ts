import type { Piece, Project, Wall } from '../../core/index.ts';

export const pieceIn = (draft: Project, id: string): Piece | undefined =>
	draft.pieces.find((piece) => piece.id === id);

export const wallIn = (draft: Project, id: string): Wall | undefined =>
	draft.walls.find((wall) => wall.id === id);
