import type { DayEvent, DayEventOf } from '../../../model/day.ts';
import type { Project } from '../../../model/project.ts';
import type { DayStateDraft } from '../day-state.ts';

/** One kind of thing that happens while hanging. The rest of the app asks this face and never switches on a kind’s name. */
export interface EventFace<W extends DayEvent['what']> {
	what: W;
	/** As a command that can be undone. */
	name: string;
	/** What it changes besides the list of what happened. */
	applyToProject?(project: Project, event: DayEventOf<W>): Project;
	/** What becomes of the steps of the day. */
	reduceDayState?(day: DayStateDraft, event: DayEventOf<W>): void;
	/** What it speaks of, where another device can gainsay it; without it each stands for itself. */
	conflictKey?(event: DayEventOf<W>): string;
	/** Of one matter the latest alone counts, whatever it changed besides. */
	lastWriteWins?: true;
	/** What it tells, without what only tells when, where and by whom; without it everything in the event. */
	conflictValue?(event: DayEventOf<W>): unknown;
	/** The piece it is about; null where that is no longer known. */
	pieceOf?(event: DayEventOf<W>, project: Project): string | null;
	/** A sentence for the history, its lengths left open; without it the day alone knows of it. */
	historyEntry?(event: DayEventOf<W>, letter: string): string;
	/** A few words to stand beside another device’s; lengths are left open. */
	summary?(event: DayEventOf<W>): string;
	/** What was learned from it; lengths are left open. */
	learned?(event: DayEventOf<W>, project: Project): string[];
	/** Hash of a photo that was taken; empty for none. */
	photo?(event: DayEventOf<W>): string;
}

export const ofPiece = { pieceOf: ({ pieceId }: { pieceId: string }) => pieceId };

export const ofHanging = {
	pieceOf: ({ hangingId }: { hangingId: string }, { hangings }: Project) =>
		hangings.find(({ id }) => id === hangingId)?.pieceId ?? null
};

export const stepMatter = ({ wallId, step }: { wallId: string; step: string }): string =>
	`${wallId} step ${step}`;

export const hookMatter = ({ hookId }: { hookId: string }): string => `hook ${hookId}`;

export const heightMatter = ({ pieceId }: { pieceId: string }): string => `height ${pieceId}`;

export function markDone(
	{ steps }: DayStateDraft,
	{ step, at, by }: { step: string; at: string; by: string }
): void {
	steps.set(step, { state: 'done', at, by, why: '' });
}
