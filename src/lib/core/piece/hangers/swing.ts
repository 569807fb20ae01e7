import { care } from './said.ts';
import { SEEN_TILT_DEGREES } from '../../base/figures/people.ts';
import type { Caution } from '../../base/caution.ts';
import { toDegrees } from '../../base/units/constants.ts';
import type { HungPiece } from './types.ts';

/** A single point off the plumb line of the mass lets the piece swing until its mass hangs below: atan(e/g). */
export function swings(
	{ x, drop }: { x: number; drop: number },
	{ height, massOffset, massUp }: HungPiece,
	path: string,
	remedy: string
): Caution[] {
	const below = height - massUp - drop;
	const off = Math.abs(massOffset - x);
	const tilt = below > 0 ? toDegrees(Math.atan2(off, below)) : 90;
	if (tilt < SEEN_TILT_DEGREES) return [];
	return [care('point-off-mass', { tilt, remedy }, path)];
}
