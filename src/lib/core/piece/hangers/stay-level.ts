import { SURE_FRICTION } from '../../base/figures/hardware.ts';
import { tiltFromHookError } from '../statics/two-points.ts';
import { lengthToken } from '../../base/units/message.ts';
import type { HangSolution } from './types.ts';

/** Whether a piece stays level as it hangs, why, and what would help. */
export interface StayLevel {
	/** Fixed points hold it; its own weight brings it back; or friction alone keeps it. */
	by: 'points' | 'weight' | 'friction';
	says: string;
	advice: string[];
}

const PADS =
	'Hook-and-loop pads at its lower corners hold it where it is when a door moves the air.';
const BUMPERS = 'Felt bumpers at its lower corners add friction with the wall.';

/** Lengths in what it says are left open. Sources: statics of the wire; common practice. */
export function stayLevel({ points, steadiness }: HangSolution): StayLevel {
	if (steadiness) return onWire(steadiness);
	const xs = points.map(({ x }) => x);
	const span = Math.max(...xs) - Math.min(...xs);
	if (span < 1)
		return {
			by: 'weight',
			says: 'It hangs from one point: its own weight brings it back, and any knock turns it.',
			advice: [BUMPERS, PADS]
		};
	const tilt = tiltFromHookError({ span, error: 1 });
	return {
		by: 'points',
		says: `Its points hold it. One that is ${lengthToken(1)} too high or too low tilts it by ${tilt.toFixed(2)}°, and that stays.`,
		advice: ['Check both heights by a level before anything is lifted; correct it at one point.']
	};
}

function onWire({ depth, needed, friction }: NonNullable<HangSolution['steadiness']>): StayLevel {
	const is = `Its mass lies ${lengthToken(depth)} below the rings; on a wire that slides it would have to be ${lengthToken(needed)} to come back to level by itself`;
	const off =
		friction > 0
			? ` As it hangs it needs a friction of ${friction.toFixed(2)}; ${SURE_FRICTION} is sure.`
			: '';
	if (depth > needed) return { by: 'weight', says: `${is}: it does.${off}`, advice: [BUMPERS] };
	return {
		by: 'friction',
		says: `${is}: it does not, so only friction on the hooks keeps it.${off}`,
		advice: [
			'Two hooks further apart, a steeper wire, or its rings straight on two hooks cure it.',
			BUMPERS,
			PADS
		]
	};
}
