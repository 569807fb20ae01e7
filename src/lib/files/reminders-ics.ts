import { fail } from './said.ts';
import { createEvents, type EventAttributes } from 'ics';
import { hangsOn, ok, type HangRecord, type Result } from '../core/index.ts';

/** Days before a look is due that the calendar reminds. */
const AHEAD = 7;

/** Milliseconds. */
const DAY = 24 * 60 * 60 * 1000;

const dateOf = (day: Date): [year: number, month: number, day: number] => [
	day.getUTCFullYear(),
	day.getUTCMonth() + 1,
	day.getUTCDate()
];

/** The next look at everything that hangs, as a calendar of all-day events; an event keeps its identity when it moves. */
export function remindersIcs(
	records: readonly HangRecord[],
	project: { id: string; name: string }
): Result<string> {
	const { error, value } = createEvents(
		records.flatMap((record): EventAttributes[] => {
			const { due, piece, wall, inspection, hanging } = record;
			if (due === null) return [];
			const day = new Date(due);
			const after = new Date(day.getTime() + DAY);
			return [
				{
					uid: `${hanging.id}@warm-porch`,
					productId: 'warm-porch',
					calName: `${project.name}: looks due`,
					title: `Look at ${piece.letter}, ${piece.name}`,
					description: `It hangs on ${hangsOn(record)}. Look for: ${inspection.look}.`,
					location: wall.name,
					start: dateOf(day),
					end: dateOf(after),
					busyStatus: 'FREE',
					alarms: [
						{
							action: 'display',
							description: `Look at ${piece.letter} in a week`,
							// In hours: of days the library writes a duration that the standard does not know.
							trigger: { before: true, hours: 24 * AHEAD }
						}
					]
				}
			];
		})
	);
	if (error || !value) return fail('no-calendar');
	return ok(foldedAnew(value));
}

/** A line of a calendar holds at most so many octets; the library counts letters. Source: RFC 5545, 3.1. */
const OCTETS = 75;

const octetsOf = (text: string): number => new TextEncoder().encode(text).length;

function foldedAnew(calendar: string): string {
	const whole = calendar.replaceAll(/\r\n[ \t]/g, '').split('\r\n');
	const fold = (line: string): string => {
		const lines = [''];
		for (const letter of line)
			if (octetsOf(lines.at(-1)! + letter) <= OCTETS) lines[lines.length - 1] += letter;
			else lines.push(` ${letter}`);
		return lines.join('\r\n');
	};
	return whole.map(fold).join('\r\n');
}
