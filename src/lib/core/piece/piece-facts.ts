import { ASSUMED_SHARE, MASS_OFF_MM } from '../base/figures/readings.ts';
import { memoised } from '../base/memo.ts';
import { NEXT_MEASURE } from '../../words/en/spread.ts';
import { estimateOf, type KeptReadings } from '../readings/kept.ts';
import { factKey, type Fact } from '../readings/fact.ts';
import type { Estimate } from '../readings/estimate.ts';
import type { WayOfReading } from '../readings/ways.ts';
import { hangerOf } from './hangers/index.ts';
import { hungPiece } from './hung-piece.ts';
import type { Piece } from './piece.ts';

/** Whether a person read a figure, it is the app’s usual one, or the plan chose it. */
export type FactState = 'measured' | 'assumed' | 'chosen';

/** A figure of a piece that its marks rest on. */
export interface PieceFact {
	fact: Fact;
	label: string;
	help: string;
	/** mm. */
	value: number;
	state: FactState;
	/** How it can be read, the usual way first. */
	ways: readonly [WayOfReading, ...WayOfReading[]];
	/** How to read it first, where that is more than a tape laid on. */
	firstRead?: string;
	/** What its readings say; null where there are none. */
	estimate: Estimate | null;
	/** Standard deviation, mm; 0 where the plan chose it. */
	sd: number;
	/** The piece with another value of it. */
	with(value: number): Piece;
}

/** Everything that is read of a piece for its marks: its size, its back and its balance. */
export const pieceFacts = memoised((piece: Piece, kept: KeptReadings): PieceFact[] => [
	sizeFact(piece, kept, 'width'),
	sizeFact(piece, kept, 'height'),
	...backFacts(piece, kept),
	massFact(piece, kept)
]);

const TAPE = ['tape'] as const;

const SIZES = {
	width: { label: 'Width', help: 'Outside of the frame, side to side' },
	height: { label: 'Height', help: 'Outside of the frame, top to bottom' }
};

function sizeFact(piece: Piece, kept: KeptReadings, key: 'width' | 'height'): PieceFact {
	const fact: Fact = { of: 'piece', id: piece.id, key };
	const estimate = estimateOf(kept, fact, piece[key], 'tape');
	return {
		...{ fact, ...SIZES[key], value: piece[key], state: 'measured', ways: TAPE },
		...{ estimate, sd: estimate.sd },
		with: (value) => ({ ...piece, [key]: value })
	};
}

function backFacts(piece: Piece, kept: KeptReadings): PieceFact[] {
	const { back } = piece;
	const hanger = hangerOf(back);
	return hanger
		.dimensions(back, hungPiece(piece))
		.map(({ key, label, help, value, chosen, unreadSd, ways = TAPE }) => {
			const fact: Fact = { of: 'back', id: piece.id, key };
			const assumed = !chosen && back.assumed.includes(key);
			const estimate = chosen || assumed ? null : estimateOf(kept, fact, value, ways[0]);
			return {
				...{ fact, label, help, value, ways, estimate },
				state: chosen ? 'chosen' : assumed ? 'assumed' : 'measured',
				sd: chosen ? 0 : (estimate?.sd ?? unreadSd ?? ASSUMED_SHARE * Math.abs(value)),
				with: (value) => ({ ...piece, back: hanger.measure(back, key, value) })
			};
		});
}

/** Where the mass of a piece lies beside its middle: what its balance on a finger tells. */
export const balanceOf = (pieceId: string): Fact => ({
	of: 'piece',
	id: pieceId,
	key: 'massOffset'
});

/** Where its mass lies is rarely read: level by eye, it is near the middle. */
function massFact(piece: Piece, kept: KeptReadings): PieceFact {
	const fact = balanceOf(piece.id);
	const { massOffset } = piece;
	const read = massOffset !== 0 || kept[factKey(fact)] !== undefined;
	const estimate = read ? estimateOf(kept, fact, massOffset, 'tape') : null;
	return {
		fact,
		label: 'Mass right of the middle',
		help: 'Hang it on one finger and slide until it hangs level: how far right of the middle is the finger?',
		...{ value: massOffset, state: read ? 'measured' : 'assumed', ways: TAPE, estimate },
		firstRead: NEXT_MEASURE.balance(),
		sd: estimate?.sd ?? MASS_OFF_MM,
		with: (value) => ({ ...piece, massOffset: value })
	};
}
