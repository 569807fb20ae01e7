/** A day that begins sooner after another is the same one, begun on another device as well, hours. From memory. */
const SAME_DAY = 12;

/** Whether a day can begin anew. */
export const isAnotherDay = (began: string, at: string): boolean =>
	new Date(at).getTime() - new Date(began).getTime() >= SAME_DAY * 3_600_000;
