import { MM_PER_INCH, type HouseRules } from '../../core/index.ts';

/** A graduation of a drawn tape: distance from its hook, how long its line is, and its number if it has one. */
export interface Tick {
	mm: number;
	length: 1 | 2 | 3;
	number?: string;
	/** The stud spacing that tapes mark: every 16 in. */
	sixteen?: boolean;
}

interface Step {
	small: number;
	middle: number;
	numbered: number;
}

const INCH_STEPS: Step[] = [
	{ small: 1, middle: 3, numbered: 3 },
	{ small: 1, middle: 6, numbered: 6 },
	{ small: 2, middle: 6, numbered: 12 },
	{ small: 6, middle: 12, numbered: 24 },
	{ small: 12, middle: 24, numbered: 48 }
];
const METRIC_STEPS: Step[] = [
	{ small: 1, middle: 5, numbered: 10 },
	{ small: 2, middle: 10, numbered: 20 },
	{ small: 5, middle: 10, numbered: 50 },
	{ small: 10, middle: 50, numbered: 100 }
];
/** Pixels a number needs, and the least between two lines. */
const NUMBER_ROOM = 34;
const LINE_ROOM = 4;

/** Graduations from the hook outwards both ways, as close as the scale lets them be read. */
export function ticks(
	units: HouseRules['units'],
	scale: number,
	from: number,
	to: number,
	hook: number
): Tick[] {
	const unit = units === 'in' ? MM_PER_INCH : 10;
	const steps = units === 'in' ? INCH_STEPS : METRIC_STEPS;
	const fits = (step: Step) =>
		step.numbered * unit * scale >= NUMBER_ROOM && step.small * unit * scale >= LINE_ROOM;
	const step = steps.find(fits) ?? steps.at(-1)!;
	// A graduation at the very end is not lost to the last digit of a division.
	const first = Math.ceil((from - hook) / unit / step.small - 1e-9);
	const last = Math.floor((to - hook) / unit / step.small + 1e-9);
	const found: Tick[] = [];
	for (let index = first; index <= last; index++) {
		const count = index * step.small;
		const tick: Tick = {
			mm: count * unit,
			length: count % step.numbered === 0 ? 3 : count % step.middle === 0 ? 2 : 1
		};
		if (tick.length === 3 && count !== 0) tick.number = String(Math.abs(count));
		if (units === 'in' && count !== 0 && count % 16 === 0) tick.sixteen = true;
		found.push(tick);
	}
	return found;
}
