/** What of a snapshot decides how long it is kept. */
export interface Aged {
	id: string;
	projectId: string;
	/** Milliseconds since 1970. */
	at: number;
	/** Bytes. */
	size: number;
}

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

/** While a project is worked on, a snapshot is taken each hour, ms. */
export const EACH = HOUR;

/** For how long one of each stretch of time is kept, the youngest first, ms. */
const AGES: readonly { upTo: number; oneOf: number }[] = [
	{ upTo: HOUR, oneOf: 1_000 },
	{ upTo: DAY, oneOf: HOUR / 6 },
	{ upTo: 30 * DAY, oneOf: DAY },
	{ upTo: 365 * DAY, oneOf: 7 * DAY },
	{ upTo: Infinity, oneOf: 30 * DAY }
];

/**
 * Ids of the snapshots to drop: of each project all of the last hour are kept, one in ten minutes of the last day, one
 * a day of the last 30, one a week of the last year, and one in 30 days before, always the last of its stretch. Of what is left the oldest of all
 * go first where they take more than `room` bytes; the newest of each project stays.
 */
export function toDrop(snapshots: readonly Aged[], now: number, room: number): string[] {
	const newestFirst = snapshots.toSorted((a, b) => b.at - a.at);
	const taken = new Set<string>();
	const kept: Aged[] = [];
	const dropped: string[] = [];
	for (const each of newestFirst) {
		const { oneOf } = AGES.find(({ upTo }) => now - each.at < upTo) ?? AGES.at(-1)!;
		const stretch = `${each.projectId} ${oneOf} ${Math.floor(each.at / oneOf)}`;
		if (taken.has(stretch)) dropped.push(each.id);
		else kept.push(each);
		taken.add(stretch);
	}
	const newest = new Map(kept.toReversed().map((each) => [each.projectId, each.id]));
	const isNewest = ({ id, projectId }: Aged) => newest.get(projectId) === id;
	let left = kept.filter(isNewest).reduce((bytes, { size }) => bytes - size, room);
	for (const each of kept.filter((one) => !isNewest(one))) {
		left -= each.size;
		if (left < 0) dropped.push(each.id);
	}
	return dropped;
}
