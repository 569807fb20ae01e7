import { freePlace, type Piece, type Wall } from '$lib/core/index.ts';
import { hangOnWall } from '$lib/store/commands/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';

/** Puts a piece on a wall, where there is room for it. */
export const putUp = (session: Session, wall: Wall, piece: Piece): void =>
	session.run(hangOnWall(wall.id, piece, freePlace(session.committed, wall, piece)));
