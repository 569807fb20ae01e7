import { lengthToken } from '../tokens.ts';

const PADS =
	'Hook-and-loop pads at its lower corners hold it where it is when a door moves the air.';
const BUMPERS = 'Felt bumpers at its lower corners add friction with the wall.';

interface OnWire {
	/** How deep its mass lies below the rings, and how deep it would have to for its weight to level it, mm. */
	depth: number;
	needed: number;
	/** What it needs as it hangs, and what is sure. */
	friction: number;
	sure: number;
}

const asItHangs = ({ friction, sure }: OnWire): string =>
	friction > 0 ? ` It needs a friction of ${friction.toFixed(2)}; ${sure} is sure.` : '';

/** Whether a piece stays level as it hangs and why, and what would help. */
export const STAYS_LEVEL = {
	'on-one-point': () => ({
		says: 'It hangs from one point: its own weight brings it back, and a knock turns it.',
		advice: [BUMPERS, PADS]
	}),
	'on-points': ({ error, tilt }: { error: number; tilt: number }) => ({
		says: `Its points hold it. One that is ${lengthToken(error)} too high or too low tilts it by ${tilt.toFixed(2)}°, and that stays.`,
		advice: ['Check both heights by a level before anything is lifted; correct it at one point.']
	}),
	'by-weight': (wire: OnWire) => ({
		says: `It straightens itself: its mass lies ${lengthToken(wire.depth)} below the rings, and ${lengthToken(wire.needed)} are enough.${asItHangs(wire)}`,
		advice: [BUMPERS]
	}),
	'by-friction': (wire: OnWire) => ({
		says: `It will not straighten itself: only friction on the hooks keeps it level.${asItHangs(wire)}`,
		advice: [
			'Set two hooks further apart, make the wire steeper, or hang both rings on hooks.',
			BUMPERS,
			PADS
		]
	})
};
