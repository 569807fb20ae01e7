import { inspectionOf, type Inspection } from '../job/inspection.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import { hangerOf, hangers } from '../../piece/hangers/index.ts';
import type { Hanging } from '../../model/hanging.ts';
import type { Piece } from '../../piece/piece.ts';
import type { Project } from '../../model/project.ts';
import type { Wall } from '../../model/wall.ts';
import { hangPiece } from '../../plan/hang.ts';
import { piecesById } from '../../plan/place-wall.ts';

/** One hanging as the Book tells it. */
export interface HangRecord {
	hanging: Hanging;
	piece: Piece;
	wall: Wall;
	/** What it hangs on, by kind of hook and how many. */
	on: { hook: HookKind; count: number }[];
	/** How far the point that is used most is used; null where it was not known. */
	share: number | null;
	inspection: Inspection;
	/** When it was last looked over and found right, or hung. */
	looked: string;
	/** When it is to be looked over again; null once it is down. */
	due: string | null;
	/** A look found a job, and none since found it right. */
	job: string | null;
}

/** Every hanging, those that stand first, then the newest. One whose piece or wall is gone is left out. */
export function recordsOf(project: Project): HangRecord[] {
	const rack = piecesById(project.pieces);
	return project.hangings
		.flatMap((hanging) => {
			const piece = rack.get(hanging.pieceId);
			const wall = project.walls.find(({ id }) => id === hanging.wallId);
			return piece && wall ? [recordOf(hanging, piece, wall, project)] : [];
		})
		.sort(
			(a, b) =>
				Number(a.hanging.until !== null) - Number(b.hanging.until !== null) ||
				b.hanging.since.localeCompare(a.hanging.since)
		);
}

function recordOf(hanging: Hanging, piece: Piece, wall: Wall, project: Project): HangRecord {
	const hung = hangPiece(piece, project.houseRules);
	const inspection = inspectionOf(
		hanging.points.map(({ hook }) => ({ kind: hook })),
		hung.ok ? hung.value : null,
		project.place
	);
	const looks = [...hanging.looks].sort((a, b) => a.at.localeCompare(b.at));
	const looked = looks.findLast(({ state }) => state === 'fine')?.at ?? hanging.since;
	const last = looks.findLast(({ state }) => state !== 'note');
	return {
		...{ hanging, piece, wall, inspection, looked },
		on: onWhat(hanging),
		share: shareOf(hanging),
		due: hanging.until === null ? monthsAfter(looked, inspection.months) : null,
		job: last?.state === 'job' && hanging.until === null ? last.text : null
	};
}

function onWhat({ points }: Hanging): HangRecord['on'] {
	const counts = new Map<HookKind, number>();
	for (const { hook } of points) counts.set(hook, (counts.get(hook) ?? 0) + 1);
	return [...counts].map(([hook, count]) => ({ hook, count }));
}

function shareOf({ points }: Hanging): number | null {
	const shares = points.map(({ carries, may }) =>
		carries === null || !may ? null : carries / may
	);
	return shares.length === 0 || shares.includes(null) ? null : Math.max(...(shares as number[]));
}

/** The same day so many months on, or the last of that month. */
export function monthsAfter(from: string, months: number): string {
	const date = new Date(from);
	const day = date.getUTCDate();
	date.setUTCDate(1);
	date.setUTCMonth(date.getUTCMonth() + Math.floor(months));
	const last = new Date(Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + 1, 0)).getUTCDate();
	date.setUTCDate(Math.min(day, last));
	// Half a month, where a public room halves an odd number of them.
	return new Date(date.getTime() + (months % 1) * 30 * 86_400_000).toISOString();
}

/** Those that should have been looked over by a date, the longest ago first. */
export const overdue = (records: readonly HangRecord[], now: string): HangRecord[] =>
	records
		.filter(({ due, job }) => job !== null || (due !== null && due < now))
		.sort((a, b) => a.due!.localeCompare(b.due!));

/** Standing records by the kind of hook they hang on; one that hangs on several is under each. */
export function byHook(
	records: readonly HangRecord[]
): { hook: HookKind; records: HangRecord[] }[] {
	const groups = new Map<HookKind, HangRecord[]>();
	for (const record of records.filter(({ hanging }) => hanging.until === null))
		for (const { hook } of record.on) groups.set(hook, [...(groups.get(hook) ?? []), record]);
	return [...groups].map(([hook, records]) => ({ hook, records }));
}

/** In words: what a record hangs on. */
export const hangsOn = ({ on }: Pick<HangRecord, 'on'>): string =>
	on.map(({ hook, count }) => `${count} × ${hookOf(hook).name.toLowerCase()}`).join(', ');

/** How it hangs, by the name of its way; as its back is now where that was not kept. */
export const hangsBy = ({ hanging, piece }: Pick<HangRecord, 'hanging' | 'piece'>): string =>
	(hangers.find(({ kind }) => kind === hanging.way) ?? hangerOf(piece.back)).name;

/** How many pieces that hang on a wall are overdue for a look, or have a job open. */
export function lateOn(project: Project, wallId: string, now: string): number {
	const hangings = project.hangings.filter((each) => each.wallId === wallId && each.until === null);
	return overdue(recordsOf({ ...project, hangings }), now).length;
}
