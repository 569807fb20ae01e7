import { mustBeFinite, mustBePositive } from '../../../base/check.ts';
import { dowelIn, weakest, yieldRoot, type Yield } from './lateral-yield.ts';

/**
 * Load in N on a screw or nail that stands out of wood and carries a ring or wire on its bare shank.
 *
 * The load, free to turn, bears `out` mm from the wood (the board in between carries nothing):
 * I q·l; II the shank turns: P²/4q + P(out + l/2) = q·l²/4; III it bends: P²/2q + P·out = F_yb·D³/6; the least over K_D.
 *
 * @param length in wood, mm; `nominal` and `dowel` (root) diameter, mm.
 * Throws RangeError on figures that are not positive, or `out` below 0.
 * Source: AWC Technical Report 12, general dowel equations, for a side member that gives no moment.
 */
export function standingShank({
	nominal,
	dowel = nominal,
	specificGravity,
	length,
	out
}: {
	nominal: number;
	dowel?: number;
	specificGravity: number;
	length: number;
	out: number;
}): Yield<'I' | 'II' | 'III'> {
	mustBePositive({ nominal, dowel, specificGravity, length });
	mustBeFinite({ out });
	if (out < 0) throw new RangeError(`out must be at least 0, got ${out}`);
	const { crushing: q, bending, reduction } = dowelIn(nominal, dowel, specificGravity);
	return weakest(
		{
			I: q * length,
			II: yieldRoot(1 / (4 * q), out + length / 2, (q * length * length) / 4),
			III: yieldRoot(1 / (2 * q), out, bending)
		},
		reduction
	);
}
