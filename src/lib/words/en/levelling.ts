import { lengthToken } from '../tokens.ts';

type Side = 'left' | 'right';

/** How a piece that is off level is brought level, and what else would do. */
export const LEVELLING = {
	beside: ({ name, side, by }: { name: string; side: Side; by: number }) => ({
		says: `Set the ${name} ${lengthToken(by)} to the ${side}.`,
		or: 'Left and right as you look at the wall. The piece turns about its upper point.'
	}),
	cord: ({ high, low, by }: { high: Side; low: Side; by: number }) => ({
		says: `Let out the ${high} cord ${lengthToken(by)}.`,
		or: `Or take up the ${low} one as much. A new cord stretches: look again after a day.`
	}),
	halfTooth: () => 'It is less than half a tooth off: the bumpers hold it.',
	point: ({ high, low, by }: { high: string; low: string; by: number }) => ({
		says: `Lower the ${high} ${lengthToken(by)}.`,
		or: `Or raise the ${low} as much. Take the piece down first: no hammering while it hangs.`
	}),
	press: ({ side, by }: { side: Side; by: number }) => ({
		says: `Take it off and press it on anew, its ${side} side ${lengthToken(by)} lower.`,
		or: 'Use new strips: one that was pulled off holds no more.'
	}),
	shim: ({ side, by }: { side: Side; by: number }) => ({
		says: `Slip a shim of ${lengthToken(by)} under the ${side} end of the piece’s half.`,
		or: 'Better: lift the piece off, and level the wall half by one of its screws.'
	}),
	slide: ({ side, by }: { side: Side; by: number }) => ({
		says: `Slide the piece ${lengthToken(by)} to the ${side} on its wire.`,
		or: 'Lift it a little as you push: a wire that drags on its hook creeps back.'
	}),
	tooth: ({ teeth, side, leaves }: { teeth: number; side: Side; leaves: number | null }) => ({
		says:
			(teeth === 1
				? `Hang it on the next tooth ${side}.`
				: `Hang it ${teeth} teeth further ${side}.`) +
			(leaves === null
				? ''
				: ` Then a second step: turn it level by hand, ${lengthToken(leaves)} at its edge.`),
		or: 'Left and right as you look at the wall. Felt bumpers at the lower corners hold what is less than a tooth.'
	}),
	turn: ({ high, low, by }: { high: Side; low: Side; by: number }) => ({
		says: `Turn it level by hand, its ${high} side down, and put a felt bumper at each lower corner.`,
		or: `If it swings back, its mass lies ${lengthToken(by)} ${low} of where it hangs: move that point ${low} by as much.`
	})
};
