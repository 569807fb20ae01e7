import type { Result } from '../core/index.ts';

/**
 * Anything that can be read: a scale, a level, a stud sensor. Those that ship are simulated and say so; a real one
 * needs only this face. A reading may fail, as instruments do: `battery-low`, `out-of-range`.
 */
export interface Instrument<Reading> {
	name: string;
	simulated: boolean;
	read(): Result<Reading>;
}
