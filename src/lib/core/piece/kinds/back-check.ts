import { hangerOf } from '../hangers/index.ts';
import type { Found, Piece } from '../piece.ts';
import type { Check } from './checks.ts';
import { kindOf } from './index.ts';

/** One check of a piece with what was found. */
export interface CheckItem extends Check {
	found: Found | null;
}

/** What to look over on a piece, by its kind and its way of hanging, with what was found so far. */
export function backCheck(piece: Piece): CheckItem[] {
	const facts = { glazed: piece.glazing !== 'none' };
	const asked = [...kindOf(piece.kind).checks, ...hangerOf(piece.back).checks];
	return asked
		.filter(({ when }) => !when || when(facts))
		.map((check) => ({ ...check, found: piece.found[check.id] ?? null }));
}

/** How far the look over has come. */
export interface CheckTally {
	open: number;
	jobs: number;
	total: number;
}

export function checkTally(piece: Piece): CheckTally {
	const items = backCheck(piece);
	return {
		open: items.filter(({ found }) => !found).length,
		jobs: items.filter(({ found }) => found?.state === 'job').length,
		total: items.length
	};
}

/** A job to do before the day. */
export interface Job {
	pieceId: string;
	letter: string;
	check: string;
	/** What to do. */
	mend: string;
	note: string;
}

/** Every job found on the pieces, in their order. */
export function jobsOf(pieces: readonly Piece[]): Job[] {
	return pieces.flatMap((piece) =>
		backCheck(piece)
			.filter(({ found }) => found?.state === 'job')
			.map(({ id, mend, found }) => ({
				pieceId: piece.id,
				letter: piece.letter,
				check: id,
				mend,
				note: found!.note
			}))
	);
}
