import { RING_PLATE_MM } from '../../base/figures/hardware.ts';
import {
	CLAMPED_BEARING_PSI,
	FULL_IN_WOOD_DIAMETERS,
	LEAST_IN_WOOD_DIAMETERS,
	PERMANENT_LOAD,
	STUD_GRAVITY,
	THREADED_SHARE
} from '../../base/figures/holding.ts';
import type { Shank } from '../../catalogue/details/index.ts';
import { lateralYield } from '../../catalogue/facts/wood/lateral-yield.ts';
import { standingShank } from '../../catalogue/facts/wood/standing-shank.ts';
import { nailWithdrawal, screwWithdrawal } from '../../catalogue/facts/wood/withdrawal.ts';
import type { WallPoint } from '../../piece/hangers/index.ts';

/** What a screw clamps unless the hanger says otherwise: a thin plate. */
const PLATE: NonNullable<WallPoint['clamps']> = { thick: RING_PLATE_MM, of: 'steel' };

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
 * What a screw or nail holds in a stud behind a cover that carries nothing, for each length as sold that has at least 6
 * diameters of thread in the wood; the shortest first.
 *
 * Across: lateral yield through what is clamped, or of a shank that stands out by `standOff`, in proportion below 10
 * diameters; along: withdrawal of the thread in the wood; each times C_D. Source: NDS 2018, 12.2 and 12.3.
 */
export function inWood(
	{ as, nominal, root, lengths }: Shank,
	{
		cover,
		standOff,
		clamps
	}: { cover: number; standOff: number; clamps: WallPoint['clamps'] | null }
): InWood[] {
	const side = clamps === null ? null : (clamps ?? PLATE);
	const outside = cover + (side ? side.thick : standOff);
	const wood = { nominal, dowel: root, specificGravity: STUD_GRAVITY };
	const drawn = { screw: screwWithdrawal, nail: nailWithdrawal }[as]({
		...wood,
		diameter: nominal
	});
	return lengths.flatMap((length): InWood[] => {
		const within = length - outside;
		const threaded = Math.min(within, as === 'screw' ? length * THREADED_SHARE : length);
		if (threaded < LEAST_IN_WOOD_DIAMETERS * nominal - 1e-6) return [];
		const { load } = side
			? lateralYield({
					...wood,
					side: side.thick,
					sideBearing: CLAMPED_BEARING_PSI[side.of],
					main: within,
					gap: cover
				})
			: standingShank({ ...wood, length: within, out: outside });
		const deep = Math.min(1, within / (FULL_IN_WOOD_DIAMETERS * nominal));
		return [
			{
				...{ length, within },
				across: load * deep * PERMANENT_LOAD,
				along: drawn * threaded * PERMANENT_LOAD
			}
		];
	});
}
