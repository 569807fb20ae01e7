import { inTime } from '../plan/as-hung.ts';
import type { DayEvent } from '../model/day.ts';
import type { Hanging } from '../model/hanging.ts';
import type { Project } from '../model/project.ts';
import { lengthIn } from '../units/say.ts';

/** Something that happened to a wall or a piece, in a sentence. */
export interface Entry {
	id: string;
	at: string;
	by: string;
	wallId: string;
	pieceId: string | null;
	/** Lengths are left open. */
	says: string;
	/** Hash of a photo that was taken. */
	photo?: string;
}

interface Said {
	pieceId: string | null;
	says: string;
	/** Hash of a photo that was taken. */
	photo?: string;
}

/** What an event tells of the history; null where it is a step of the day alone. */
function saysOf(event: DayEvent, project: Project): Said | null {
	const letter = (id: string) => project.pieces.find((piece) => piece.id === id)?.letter ?? '?';
	const hanging = (id: string): Hanging | undefined =>
		project.hangings.find((each) => each.id === id);
	switch (event.what) {
		case 'hung': {
			const { pieceId } = event.hanging;
			return { pieceId, says: `${letter(pieceId)} was hung.` };
		}
		case 'taken-down': {
			const pieceId = hanging(event.hangingId)?.pieceId ?? null;
			if (pieceId === null) return null;
			return {
				pieceId,
				says: `${letter(pieceId)} was taken down${event.why ? `: ${event.why}` : ''}.`
			};
		}
		case 'met':
			return {
				pieceId: event.pieceId,
				says: `${letter(event.pieceId)}: the hole met ${MET_WORDS[event.met]}.`
			};
		case 'settled':
			return { pieceId: event.pieceId, says: `${letter(event.pieceId)} was fixed another way.` };
		case 'levelled':
			return {
				pieceId: event.pieceId,
				says: `${letter(event.pieceId)}: the level read ${event.tilt.toFixed(2)}°.`
			};
		case 'came-out':
			return {
				pieceId: event.pieceId,
				says: `${letter(event.pieceId)} came out ${lengthIn(Math.abs(event.higher))} too ${event.higher < 0 ? 'low' : 'high'}.`
			};
		case 'shifted':
			return {
				pieceId: event.pieceId,
				says: `${letter(event.pieceId)} was levelled, ${lengthIn(Math.abs(event.right))} further ${event.right < 0 ? 'left' : 'right'}.`
			};
		case 'pictured':
			return { pieceId: null, says: 'A photo of the wall was taken.', photo: event.photo };
		case 'corrected':
			return { pieceId: event.pieceId, says: `${letter(event.pieceId)}: hooks were set anew.` };
		case 'looked': {
			const pieceId = hanging(event.hangingId)?.pieceId ?? null;
			if (pieceId === null) return null;
			const found = { fine: 'looked over, right', job: 'a job', note: 'noted' }[event.state];
			return {
				pieceId,
				says: `${letter(pieceId)}: ${found}${event.text ? `: ${event.text}` : ''}.`
			};
		}
		case 'filled':
			return { pieceId: null, says: 'A hole was filled.' };
		case 'skipped':
			return { pieceId: null, says: `A step was skipped: ${event.why}.` };
		case 'began':
			return { pieceId: null, says: 'A day at the wall began.' };
		default:
			return null;
	}
}

const MET_WORDS = {
	nothing: 'nothing to hold',
	wood: 'wood',
	metal: 'metal',
	pipe: 'a pipe'
};

/** What happened, the newest first; of one wall, or of all. */
export function timelineOf(project: Project, wallId: string | null = null): Entry[] {
	return inTime(project.day)
		.flatMap((event) => {
			if (wallId !== null && event.wallId !== wallId) return [];
			const told = saysOf(event, project);
			const { id, at, by } = event;
			return told ? [{ id, at, by, wallId: event.wallId, ...told }] : [];
		})
		.reverse();
}

/** What hung on a wall at a time. */
export const hungAt = (hangings: readonly Hanging[], wallId: string, at: string): Hanging[] =>
	hangings.filter(
		(each) => each.wallId === wallId && each.since <= at && (each.until === null || each.until > at)
	);
