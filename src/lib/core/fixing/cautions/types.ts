import type { Caution } from '../../base/caution.ts';
import type { Use } from '../choose/holds.ts';
import type { Piece } from '../../piece/piece.ts';
import type { PlaceFact } from '../../model/place.ts';
import type { Wall } from '../../model/wall.ts';
import type { PlannedPiece } from '../../model/planned.ts';
import type { Result } from '../../base/result.ts';

/** A piece as it is about to be fixed. */
export interface CautionContext {
	piece: Piece;
	planned: PlannedPiece;
	/** How far each of its hooks is used; empty where that cannot be told. */
	currentUses: readonly Result<Use>[];
	/** Its weight to reckon with, kg; null when nobody knows. */
	kg: number | null;
	wall: Wall;
	place: readonly PlaceFact[];
}

/** One danger: when it is there, what could happen, what to do and whom to call, and where that comes from. */
export interface CautionRule {
	code: string;
	source: string;
	find(fixed: CautionContext): Caution | null;
}
