import { byHook, hangsOn, hookOf, type HangRecord, type PrintedTable } from '../core/index.ts';
import { dayOf } from './day-of.ts';
import type { InventoryLine } from './inventory-csv.ts';

/** The inventory as a table to print. */
export const inventoryTable = (
	name: string,
	lines: readonly InventoryLine[],
	today: string
): PrintedTable => ({
	title: `${name}: inventory`,
	intro: `What hangs on ${today}. Values are as the owner gave them; nobody valued the pieces for this list.`,
	columns: [
		{ head: 'piece', share: 5 },
		{ head: 'size', share: 3 },
		{ head: 'weight', share: 2 },
		{ head: 'where, since', share: 4 },
		{ head: 'hangs by', share: 7 },
		{ head: 'condition', share: 6 },
		{ head: 'worth', share: 2.5 }
	],
	rows: lines.map(({ letter, name, size, weight, wall, since, hangs, condition, worth }) => [
		`${letter} ${name}`,
		...[size, weight, `${wall}, ${since}`, hangs, condition, worth]
	])
});

const rowOf = (record: HangRecord): string[] => [
	`${record.piece.letter} ${record.piece.name}`,
	record.wall.name,
	hangsOn(record),
	record.share === null ? 'not known' : `${Math.round(record.share * 100)} %`,
	dayOf(record.looked),
	dayOf(record.due),
	record.job ?? record.inspection.look
];

const CHECK_COLUMNS = [
	{ head: 'piece', share: 5 },
	{ head: 'where', share: 3 },
	{ head: 'hangs on', share: 5 },
	{ head: 'used', share: 2 },
	{ head: 'last right', share: 2.5 },
	{ head: 'look by', share: 2.5 },
	{ head: 'look for, or do', share: 6 }
] as const;

/** Looks that are due, or jobs that are open, as a table to print. */
export const dueTable = (name: string, due: readonly HangRecord[]): PrintedTable => ({
	title: `${name}: to look over`,
	intro: 'Overdue looks and open jobs, the longest ago first.',
	columns: CHECK_COLUMNS,
	rows: due.map(rowOf)
});

/** What hangs on each kind of fixing: what to see where one of them let go. */
export const byHookTable = (name: string, records: readonly HangRecord[]): PrintedTable => ({
	title: `${name}: by fixing`,
	intro: 'Should one fixing of a kind let go, look at all of that kind.',
	columns: CHECK_COLUMNS,
	rows: byHook(records).flatMap(({ hook, records }) => [
		[hookOf(hook).name, '', '', '', '', '', ''],
		...records.map(rowOf)
	])
});
