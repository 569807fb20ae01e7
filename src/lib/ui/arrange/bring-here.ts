import { freePlace, type Hanging, type Piece, type Wall } from '$lib/core/index.ts';
import { bringToWall } from '$lib/store/commands/index.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { eventOn } from '../hang/tell.ts';

/** Takes a piece down from the wall it hangs on, and puts it where another has room. */
export function bringHere(session: Session, hanging: Hanging, piece: Piece, wall: Wall): void {
	const takenDown = eventOn(session, hanging.wallId, {
		...{ what: 'taken-down', hangingId: hanging.id },
		why: `moved to ${wall.name}`
	});
	session.run(bringToWall(takenDown, wall.id, piece, freePlace(session.committed, wall, piece)));
}
