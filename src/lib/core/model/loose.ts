/** Parsed JSON of which nothing is known yet. */
export type Loose = Record<string, unknown>;

export const asRecord = (value: unknown): Loose =>
	typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Loose) : {};

/** A list with each item changed; what is no list stays as it is, for the schema to name. */
export const each = (list: unknown, change: (item: Loose) => Loose): unknown =>
	Array.isArray(list) ? list.map((item) => change(asRecord(item))) : list;
