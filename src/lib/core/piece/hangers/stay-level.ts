import { STAYS_LEVEL } from '../../../words/en/stay-level.ts';
import { SURE_FRICTION } from '../../base/figures/hardware.ts';
import { tickOf, type LengthStyle } from '../../base/units/index.ts';
import { tiltFromHookError } from '../statics/two-points.ts';
import type { HangSolution } from './types.ts';

/** Whether a piece stays level as it hangs, why, and what would help. */
export interface StayLevel {
	/** Fixed points hold it; its own weight brings it back; or friction alone keeps it. */
	by: 'points' | 'weight' | 'friction';
	says: string;
	advice: string[];
}

/**
 * Lengths in what it says are left open. Sources: statics of the wire; common practice.
 *
 * @param style of the reader’s tape: an error of one of its ticks is told.
 */
export function stayLevel({ points, steadiness }: HangSolution, style: LengthStyle): StayLevel {
	if (steadiness) {
		const by = steadiness.depth > steadiness.needed ? 'weight' : 'friction';
		return { by, ...STAYS_LEVEL[`by-${by}`]({ ...steadiness, sure: SURE_FRICTION }) };
	}
	const xs = points.map(({ x }) => x);
	const span = Math.max(...xs) - Math.min(...xs);
	if (span < 1) return { by: 'weight', ...STAYS_LEVEL['on-one-point']() };
	const error = Math.min(tickOf(style), span);
	return {
		by: 'points',
		...STAYS_LEVEL['on-points']({ error, tilt: tiltFromHookError({ span, error }) })
	};
}
