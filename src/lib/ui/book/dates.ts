import { format } from 'date-fns';

/** A moment as its day, such as `2 May 2026`. */
export const onDay = (moment: string): string => format(moment, 'd MMM yyyy');

/** The end of a day typed in a date field, as a moment; null for none. */
export function endOfDay(day: string): string | null {
	const end = new Date(`${day}T23:59:59.999`);
	return day === '' || Number.isNaN(end.getTime()) ? null : end.toISOString();
}

/** The start of a day typed in a date field, as a moment; null for none. */
export function startOf(day: string): string | null {
	const start = new Date(`${day}T00:00:00`);
	return day === '' || Number.isNaN(start.getTime()) ? null : start.toISOString();
}
