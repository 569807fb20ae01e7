import { type Back, type HangSolution, type Piece } from '../../src/lib/core/index.ts';
import type { Hand } from './hand.ts';
import { hungAs, type WorldPiece } from './world.ts';

/** Drop at its middle of a wire on one finger, or on two fingers so far apart, mm. */
function pulledDrop(is: Piece, spacing: number): number {
	const kind = spacing > 0 ? 'wire-two' : 'wire-one';
	const wired = {
		...is.back,
		edges: undefined,
		kind,
		...(spacing > 0 && { hookSpacing: spacing })
	} as Back;
	return hungAs({ ...is, back: wired, massOffset: 0 }).points[0]!.drop.value;
}

/** What a person knows of a piece: its figures as they read them. */
export interface Care {
	/** One standard deviation of a drop pulled up, mm. */
	drop: number;
	/** Each ring from its own edge, and where it balances. */
	edges: boolean;
	balance: boolean;
}

/** A piece by what was read of it. */
export function read(hand: Hand, { is, reads }: WorldPiece, care: Care): Piece {
	const { off, cost } = hand;
	const size = (mm: number) => {
		cost.measures += 1;
		return mm + hand.draw(off.size);
	};
	const back = is.back as Extract<Back, { kind: 'wire-two' }>;
	const { edges } = back;
	const across = care.edges
		? { edges: { left: size(edges!.left!), right: size(edges!.right!) } }
		: { ringSpan: size(back.ringSpan), edges: undefined };
	const spacing = back.kind === 'wire-two' ? back.hookSpacing : 0;
	const down =
		(is.back.kind as string) === 'rings'
			? { ringDrop: size(back.ringDrop), rightDrop: size(back.ringDrop) }
			: {
					ringDrop: size(back.ringDrop),
					wire: {
						by: 'pull' as const,
						fingerSpacing: spacing,
						pulledDrop: pulledDrop(is, spacing) + hand.draw(care.drop)
					}
				};
	cost.measures += 3;
	const known = { ...back, ...across, ...down } as Back;
	if (!across.edges) delete (known as { edges?: unknown }).edges;
	const onWire = (is.back.kind as string) !== 'rings';
	const balance = is.massOffset + hand.draw(off.tape);
	return {
		...is,
		...reads,
		back: known,
		massOffset: care.balance && onWire && Math.abs(balance) > LEVEL_BY_EYE ? balance : 0
	};
}

/** A piece that balances within this counts as level on the finger, mm. */
const LEVEL_BY_EYE = 1.6;

export const pointsOf = (piece: Piece): HangSolution['points'] => hungAs(piece).points;
