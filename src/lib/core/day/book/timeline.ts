import { eventFace } from '../hangday/events/index.ts';
import { sortByTime } from '../../plan/as-hung.ts';
import type { Hanging } from '../../model/hanging.ts';
import type { Project } from '../../model/project.ts';

/** Something that happened to a wall or a piece, in a sentence. */
export interface Entry {
	id: string;
	at: string;
	by: string;
	wallId: string;
	pieceId: string | null;
	/** Lengths are left open. */
	says: string;
	/** What was learned from it; lengths are left open. */
	learned: readonly string[];
	/** Hash of a photo that was taken; empty for none. */
	photo: string;
}

/** What happened, the newest first; of one wall, or of all. */
export function timelineOf(project: Project, wallId: string | null = null): Entry[] {
	return sortByTime(project.day)
		.flatMap((event) => {
			if (wallId !== null && event.wallId !== wallId) return [];
			const { historyEntry, learned, pieceOf, photo } = eventFace(event);
			const pieceId = pieceOf?.(event, project) ?? null;
			if (!historyEntry || (pieceOf && pieceId === null)) return [];
			const { id, at, by } = event;
			const letter = project.pieces.find((piece) => piece.id === pieceId)?.letter ?? '?';
			return [
				{
					...{ id, at, by, wallId: event.wallId, pieceId },
					...{ says: historyEntry(event, letter), photo: photo?.(event) ?? '' },
					learned: learned?.(event, project) ?? []
				}
			];
		})
		.reverse();
}

/** What hung on a wall at a time. */
export const hungAt = (hangings: readonly Hanging[], wallId: string, at: string): Hanging[] =>
	hangings.filter(
		(each) => each.wallId === wallId && each.since <= at && (each.until === null || each.until > at)
	);
