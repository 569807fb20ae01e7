import type { Rect } from '../base/geometry/rect.ts';

/** A piece where it hangs. */
export interface Outlined {
	id: string;
	letter: string;
	rect: Rect;
}

export const hangingOf = ({
	pieceId,
	letter,
	rect
}: {
	pieceId: string;
	letter: string;
	rect: Rect;
}): Outlined => ({ id: pieceId, letter, rect });

/** How far a piece is moved, mm to the right and up. */
export interface Move {
	id: string;
	dx: number;
	dy: number;
}
