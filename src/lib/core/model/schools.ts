import type { FixSchool, HouseRules } from './house-rules.ts';

/** One school's figure for a rule, and why. Sources: common practice. */
export interface School {
	value: number;
	name: string;
	why: string;
}

export const CENTRE_SCHOOLS: School[] = [
	{
		value: 1420,
		name: '56 in · 1420 mm',
		why: 'A little low, so that adults and children both see it well.'
	},
	{
		value: 57 * 25.4,
		name: '57 in · 1448 mm',
		why: 'The height most often named; near a standing eye.'
	},
	{
		value: 58 * 25.4,
		name: '58 in · 1473 mm',
		why: 'For rooms where people mostly stand and walk.'
	},
	{
		value: 60 * 25.4,
		name: '60 in · 1524 mm',
		why: 'The top of what is used: tall rooms, halls, stairs.'
	}
];

export const GAP_SCHOOLS: School[] = [
	{ value: 1.5 * 25.4, name: '1 1/2 in · 38 mm', why: 'Tight, for grids of equal frames.' },
	{ value: 2 * 25.4, name: '2 in · 51 mm', why: 'The usual gap.' },
	{
		value: 3 * 25.4,
		name: '3 in · 76 mm',
		why: 'The widest at which pieces still read as one group.'
	}
];

export const WIRE_SCHOOLS: (School & { value: HouseRules['wireFactor'] })[] = [
	{ value: 1, name: 'the weight', why: 'The least: enough for a steep wire and no more.' },
	{
		value: 2,
		name: 'twice the weight',
		why: 'The careful rule: enough down to about 14 1/2° of wire angle. A flatter wire needs more.'
	}
];

export const FIX_SCHOOLS: { value: FixSchool; name: string; why: string }[] = [
	{
		value: 'careful',
		name: 'careful',
		why: 'Two hooks wherever two are possible, and each counts for half of what its packet says.'
	},
	{
		value: 'packet',
		name: 'by the packet',
		why: 'A working load counts as printed, and one hook is enough for a light piece.'
	},
	{
		value: 'studs',
		name: 'studs first',
		why: 'Anything heavy goes into a stud, or else on a strap toggle.'
	}
];
