/** Parsed JSON of which nothing is known yet. */
export type Loose = Record<string, unknown>;

export const asRecord = (value: unknown): Loose =>
	typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : {};

/** A record with each of its values changed; what is no record stays as it is, for the schema to name. */
export const eachOf = (record: unknown, change: (item: Loose) => unknown): unknown =>
	typeof record === 'object' && record !== null && !Array.isArray(record)
		? Object.fromEntries(Object.entries(record).map(([key, item]) => [key, change(asRecord(item))]))
		: record;

/** A list with each item changed; what is no list stays as it is, for the schema to name. */
export const each = (list: unknown, change: (item: Loose) => Loose): unknown =>
	Array.isArray(list) ? list.map((item) => change(asRecord(item))) : list;
