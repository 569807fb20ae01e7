import {
	STUD_GRAVITY,
	PERMANENT_LOAD,
	LEAST_IN_WOOD_DIAMETERS
} from '../../base/figures/holding.ts';
import { STUD_DEPTH_MM } from '../../base/figures/studs.ts';
import type { Shank } from '../../catalogue/details/index.ts';
import { lateralYield } from '../../catalogue/facts/wood/lateral-yield.ts';
import { standingShank } from '../../catalogue/facts/wood/standing-shank.ts';
import { nailWithdrawal, screwWithdrawal } from '../../catalogue/facts/wood/withdrawal.ts';
import type { WallPoint } from '../../piece/hangers/index.ts';

/** Bearing of what is clamped, psi: softwood as the studs, light steel by NDS 2018, table 12P notes. */
const SIDE = { wood: 3350, steel: 61_850 };
const PLATE: NonNullable<WallPoint['clamps']> = { thick: 2, of: 'steel' };

export interface InWood {
	/** Length to take, mm. */
	length: number;
	/** Of it in the stud, mm. */
	within: number;
	/** N across it and along it, for a load that stays. */
	across: number;
	along: number;
}

/**
 * What a screw or nail holds in a stud behind a cover that carries nothing; null where no length as sold fits.
 * The longest is taken that enters the stud by at most 1 1/4 in (NEC 300.4(D)) and by 6 diameters at least.
 *
 * Across: lateral yield through what is clamped, or of a shank that stands out by `standOff`; along: withdrawal of what
 * is in the wood; each times C_D. Source: NDS 2018, 12.2 and 12.3.
 */
export function inWood(
	{ as, nominal, root, lengths }: Shank,
	{
		cover,
		standOff,
		clamps
	}: { cover: number; standOff: number; clamps: WallPoint['clamps'] | null }
): InWood | null {
	const side = clamps === null ? null : (clamps ?? PLATE);
	const outside = cover + (side ? side.thick : standOff);
	const length = lengths.findLast(
		(each) =>
			each - outside <= STUD_DEPTH_MM + 1e-6 &&
			each - outside >= LEAST_IN_WOOD_DIAMETERS * nominal - 1e-6
	);
	if (length === undefined) return null;
	const within = length - outside;
	const wood = { nominal, dowel: root, specificGravity: STUD_GRAVITY };
	const { load } = side
		? lateralYield({
				...wood,
				side: side.thick,
				sideBearing: SIDE[side.of],
				main: within,
				gap: cover
			})
		: standingShank({ ...wood, length: within, out: outside });
	const withdrawal = as === 'screw' ? screwWithdrawal : nailWithdrawal;
	return {
		length,
		within,
		across: load * PERMANENT_LOAD,
		along:
			withdrawal({ specificGravity: STUD_GRAVITY, diameter: nominal }) * within * PERMANENT_LOAD
	};
}
