import { ok } from '../core/index.ts';
import type { Instrument } from './instrument.ts';

/** Two readings of a bathroom scale: a person with the piece, and without it. */
export interface ScaleReading {
	/** kg. */
	withPiece: number;
	without: number;
	/** The difference, kg. */
	weight: number;
	/** kg by which it may be off: half a step of the scale at each reading. */
	plusMinus: number;
}

/** Step of a usual bathroom scale, kg. From memory. */
const STEP = 0.1;

/**
 * A simulated bathroom scale under a person who holds a piece of a known true weight.
 *
 * @param draw gives numbers from 0 up to 1; comes in from outside so that a reading can be repeated.
 */
export function simulatedScale(
	{ trueWeight, person }: { trueWeight: number; person: number },
	draw: () => number
): Instrument<ScaleReading> {
	const shown = (kg: number) => Math.round((kg + (draw() - 0.5) * STEP) / STEP) * STEP;
	return {
		name: 'bathroom scale',
		simulated: true,
		read: () => {
			const without = shown(person);
			const withPiece = shown(person + trueWeight);
			return ok({
				withPiece,
				without,
				weight: Math.max(withPiece - without, STEP),
				plusMinus: STEP
			});
		}
	};
}
