import { pieceFacts, type PhotoFigure, type Piece } from '$lib/core/index.ts';
import { addInRow, readFromPhoto } from '$lib/store/commands/index.ts';
import type { Command } from '$lib/store/history.ts';
import type { Session } from '$lib/store/session.svelte.ts';
import { ACTS } from '$lib/words/en/acts.ts';
import { readFigureOf } from '../field/read-figure.ts';
import { readNow } from '../field/read-now.ts';

interface Kept {
	session: Session;
	piece: Piece;
	/** What the photo gave. */
	figures: readonly PhotoFigure[];
	/** Width by tape, mm, where it was laid on now; the photo’s own width rests on it, and is no second reading. */
	width: number | null;
	/** The wall a new piece is added to; null for one that is there already. */
	addTo: string | null;
	/** Gives it its picture; null for none. */
	picture: Command | null;
}

/** Keeps what a photo of a back gave: readings beside those of the tape, each as sure as the photo made it. */
export function keepBack({ session, piece, figures, width, addTo, picture }: Kept): Command {
	const facts = pieceFacts(piece, session.project.readings);
	const read = figures.flatMap(({ of, key, value, sd }) => {
		const fact = facts.find((each) => each.fact.of === of && each.fact.key === key);
		if (!fact) return [];
		const figure = readFigureOf(piece, fact);
		// The size of a new piece is what it is about to be read as.
		const stands = addTo !== null && of === 'piece' ? null : figure.stands;
		const byTape = key === 'width' && width !== null;
		if (byTape && addTo === null && width === piece.width) return [];
		const reading = byTape
			? readNow(session, width, 'tape')
			: { ...readNow(session, value, 'photo'), spread: { own: sd, shared: 0 } };
		return [{ figure: { ...figure, stands }, reading }];
	});
	const before = [
		...(addTo === null ? [] : [addInRow(addTo, [piece])]),
		...(picture ? [picture] : [])
	];
	return readFromPhoto(ACTS.measureFromPhoto(piece), read, before);
}
