import { SAME_DAY_HOURS } from '../../base/figures/day.ts';

/** Whether a day can begin anew. */
export const isAnotherDay = (began: string, at: string): boolean =>
	new Date(at).getTime() - new Date(began).getTime() >= SAME_DAY_HOURS * 3_600_000;
