import type { Hook } from './types.ts';
import { HEAD_OUT, standing } from './standing.ts';

const setting = `Drill at the hole. ${HEAD_OUT}`;

/** Shanks by ASME B18.6.1: 3.5, 4.2 and 5.5 mm. */
export const screw6 = {
	...standing(3.5),
	kind: 'screw-6' as const,
	name: 'Wood screw, 6 gauge',
	setting
} satisfies Hook;

export const screw = {
	...standing(4.2),
	kind: 'screw' as const,
	name: 'Wood screw, 8 gauge',
	setting
} satisfies Hook;

export const screw12 = {
	...standing(5.5),
	kind: 'screw-12' as const,
	name: 'Wood screw, 12 gauge',
	setting
} satisfies Hook;
