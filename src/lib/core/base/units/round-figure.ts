import { MM_PER_INCH } from './constants.ts';

/** Figures less than this are rounded finer, mm. */
const SMALL = 100;
const STEPS = {
	in: { small: MM_PER_INCH / 4, large: MM_PER_INCH },
	mm: { small: 1, large: 10 }
};

/** A figure to begin with, mm, as a person of these units would give it: whole inches or centimetres, small ones finer. */
export function roundFigure(mm: number, units: keyof typeof STEPS): number {
	const step = STEPS[units][mm < SMALL ? 'small' : 'large'];
	return Math.round(mm / step) * step;
}
