import type { Make } from './simulated.ts';

/** The simulated instruments that show one number. */
export const MAKES = {
	laser: {
		way: 'laser',
		name: 'laser distance meter',
		short: 'laser',
		step: 1,
		noise: 1,
		min: 50,
		max: 30_000,
		outOfRange: 'It shows nothing: too near, too far, or no surface for its dot. Hold it square.'
	},
	level: {
		way: 'level',
		name: 'digital level',
		short: 'slope by level',
		step: 0.05,
		noise: 0.04,
		min: -45,
		max: 45,
		outOfRange: 'It shows nothing: it reads up to 45° from level.'
	},
	luggage: {
		way: 'scale',
		name: 'luggage scale',
		short: 'luggage scale',
		step: 0.05,
		noise: 0.04,
		min: 0.2,
		max: 40,
		outOfRange: 'It shows an error: it weighs from 0.2 to 40 kg. Use a bathroom scale.'
	},
	light: {
		way: 'light',
		name: 'light meter',
		short: 'light meter',
		step: 1,
		noise: 1,
		noiseShare: 0.05,
		min: 1,
		max: 20_000,
		outOfRange: 'It shows an error: too dark or too bright for it.'
	}
} as const satisfies Record<string, Make>;
export type MakeName = keyof typeof MAKES;
