import { unmeasured, type Dimension, type HungPiece } from './hangers/index.ts';
import { memoised } from '../base/memo.ts';
import type { Piece } from './piece.ts';
import { weightOf } from '../base/units/constants.ts';
import { weightToReckon } from './weight/piece-weight.ts';

/** A piece as its hanger needs it. */
export const hungPiece = memoised((piece: Piece): HungPiece => {
	const { width, height, depth, kind, glazing, frame, massOffset, massUp } = piece;
	const known = weightToReckon(piece);
	return {
		width,
		height,
		depth,
		weight: known === null ? null : weightOf(known.kg),
		massOffset,
		massUp: massUp ?? height / 2,
		kind,
		glazed: glazing !== 'none',
		frame
	};
});

/** What nobody has measured yet on a piece's back. */
export const unmeasuredOn = memoised((piece: Piece): Dimension[] =>
	unmeasured(piece.back, hungPiece(piece))
);
