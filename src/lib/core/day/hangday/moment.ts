/** The time to put on an event, later than all before it: a clock that was set back, or two events at once, keep their order. */
export function momentAfter(now: Date, last: string | null): string {
	const after = last === null ? now.getTime() : new Date(last).getTime() + 1;
	return new Date(Math.max(now.getTime(), after)).toISOString();
}
