import { ACTS } from '../../words/en/acts.ts';
import { original } from 'mutative';
import {
	applyEvent,
	eventFace,
	type DayEvent,
	type Piece,
	type Project
} from '../../core/index.ts';
import { preview, type Command } from '../history.ts';
import { hangOnWall } from './arrangement.ts';

/** Something that happened while hanging. */
export const tellDay = (event: DayEvent): Command => ({
	name: eventFace(event).name,
	recipe: (draft) => become(draft, (before) => applyEvent(before, event))
});

/** Takes a piece down from the wall it hangs on, and puts it on another, as one step. */
export const bringToWall = (
	takenDown: DayEvent,
	wallId: string,
	piece: Piece,
	x: number
): Command => ({
	name: ACTS.takeDownAndPutItOnThisWall({ letter: piece.letter }),
	recipe: (draft) =>
		become(draft, (before) => preview(applyEvent(before, takenDown), hangOnWall(wallId, piece, x)))
});

/** Makes of a draft what a pure function makes of the project; nothing of the project itself is touched. */
export function become(draft: Project, next: (before: Project) => Project): void {
	const before = original(draft);
	Object.assign(draft, changed(before, next(before)));
}

/** The parts that became others; the rest stays as it is, and is no step of its own. */
function changed(before: Project, after: Project): Partial<Project> {
	return Object.fromEntries(
		Object.entries(after).filter(([key, value]) => before[key as keyof Project] !== value)
	);
}

export const setHanger = (hanger: string): Command => ({
	name: ACTS.sayWhoHangs(),
	merge: 'hanger',
	recipe: (draft) => void (draft.hanger = hanger)
});

export const setCurrency = (currency: string): Command => ({
	name: ACTS.nameTheCurrency(),
	merge: 'currency',
	recipe: (draft) => void (draft.currency = currency)
});
