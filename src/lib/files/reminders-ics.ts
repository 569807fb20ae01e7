import { fail } from './said.ts';
import { createEvents, type EventAttributes } from 'ics';
import { hangsOn, ok, type HangRecord, type Result } from '../core/index.ts';

/** Days before a look is due that the calendar reminds. */
const AHEAD = 7;

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
			return [
				{
					uid: `${hanging.id}@warm-porch`,
					productId: 'warm-porch',
					calName: `${project.name}: looks due`,
					title: `Look at ${piece.letter}, ${piece.name}`,
					description: `It hangs on ${hangsOn(record)}. Look for: ${inspection.look}.`,
					location: wall.name,
					start: [day.getUTCFullYear(), day.getUTCMonth() + 1, day.getUTCDate()],
					duration: { days: 1 },
					busyStatus: 'FREE',
					alarms: [
						{
							action: 'display',
							description: `Look at ${piece.letter} in a week`,
							trigger: { before: true, days: AHEAD }
						}
					]
				}
			];
		})
	);
	if (error || !value) return fail('no-calendar');
	return ok(value);
}
