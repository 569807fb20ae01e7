import { lengthToken } from '../tokens.ts';

const PADS =
	'Hook-and-loop pads at its lower corners hold it where it is when a door moves the air.';
const BUMPERS = 'Felt bumpers at its lower corners add friction with the wall.';

const onWire = ({
	depth,
	needed,
	friction,
	sure,
	itDoes
}: {
	depth: number;
	needed: number;
	friction: number;
	sure: number;
	itDoes: string;
}): string => {
	const asItHangs =
		friction > 0
			? ` As it hangs it needs a friction of ${friction.toFixed(2)}; ${sure} is sure.`
			: '';
	return `Its mass lies ${lengthToken(depth)} below the rings; on a wire that slides it would have to be ${lengthToken(needed)} to come back to level by itself: ${itDoes}.${asItHangs}`;
};

type OnWire = Omit<Parameters<typeof onWire>[0], 'itDoes'>;

/** Whether a piece stays level as it hangs and why, and what would help. */
export const STAYS_LEVEL = {
	'on-one-point': () => ({
		says: 'It hangs from one point: its own weight brings it back, and any knock turns it.',
		advice: [BUMPERS, PADS]
	}),
	'on-points': ({ error, tilt }: { error: number; tilt: number }) => ({
		says: `Its points hold it. One that is ${lengthToken(error)} too high or too low tilts it by ${tilt.toFixed(2)}°, and that stays.`,
		advice: ['Check both heights by a level before anything is lifted; correct it at one point.']
	}),
	'by-weight': (wire: OnWire) => ({
		says: onWire({ ...wire, itDoes: 'it does' }),
		advice: [BUMPERS]
	}),
	'by-friction': (wire: OnWire) => ({
		says: onWire({ ...wire, itDoes: 'it does not, so only friction on the hooks keeps it' }),
		advice: [
			'Two hooks further apart, a steeper wire, or its rings straight on two hooks cure it.',
			BUMPERS,
			PADS
		]
	})
};
