import { fail } from './said.ts';
import { normalDraw, ok, type Result, type WayOfReading } from '../core/index.ts';
import type { Instrument } from './instrument.ts';

/** What a simulated instrument is like, in its own unit. Figures from memory. */
export interface Make {
	name: string;
	/** How its readings scatter. */
	way: WayOfReading;
	/** As a button says it. */
	short: string;
	/** Smallest step it shows. */
	step: number;
	/** Standard deviation of one reading. */
	noise: number;
	/** Part of the value that adds to the noise. */
	noiseShare?: number;
	min: number;
	max: number;
	/** What to do when it shows nothing, in its own words. */
	outOfRange: string;
}

/** A battery lasts this many readings, and up to twice as many. */
const LASTS = 12;

/** A battery that runs down: true while it lasts. */
export function battery(draw: () => number): () => boolean {
	let left = Math.floor(LASTS * (1 + draw()));
	return () => left-- > 0;
}

export const LOW = fail('battery-low');

/**
 * A simulated instrument before something whose true value is known.
 *
 * @param draw gives numbers from 0 up to 1; comes in from outside so that a reading can be repeated.
 */
export function simulated(make: Make, truth: number, draw: () => number): Instrument<number> {
	const lasts = battery(draw);
	return {
		name: make.name,
		simulated: true,
		read: (): Result<number> => {
			if (!lasts()) return LOW;
			const noise = Math.hypot(make.noise, (make.noiseShare ?? 0) * truth);
			const shown = Math.round((truth + normalDraw(draw, noise)) / make.step) * make.step;
			if (shown < make.min || shown > make.max)
				return fail('out-of-range', { outOfRange: make.outOfRange, of: 'tool' });
			return ok(Object.is(shown, -0) ? 0 : shown);
		}
	};
}
