/** So many of something: “1 piece”, “2 pieces”. */
export const counted = (count: number, one: string, more = `${one}s`): string =>
	`${count} ${count === 1 ? one : more}`;
