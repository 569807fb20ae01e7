import { MM_PER_INCH, NEWTON_PER_POUND_FORCE } from '../../../base/units/constants.ts';
import { mustBePositive } from '../../../base/check.ts';

/** Wood and fastener, diameter in mm. */
interface Driven {
	specificGravity: number;
	diameter: number;
}

/**
 * Withdrawal of a wood screw from side grain, N per mm of thread in wood, for a normal duration of load.
 *
 * 2850·G²·D lb/in. Throws RangeError on figures that are not positive. Source: NDS 2018, equation 12.2-2.
 */
export const screwWithdrawal = ({ specificGravity, diameter }: Driven): number =>
	perMm({ specificGravity, diameter }, 2850 * specificGravity ** 2);

/**
 * Withdrawal of a smooth nail from side grain, N per mm in wood, for a normal duration of load.
 *
 * 1380·G^2.5·D lb/in. Throws RangeError on figures that are not positive. Source: NDS 2018, equation 12.2-3.
 */
export const nailWithdrawal = ({ specificGravity, diameter }: Driven): number =>
	perMm({ specificGravity, diameter }, 1380 * specificGravity ** 2.5);

function perMm(driven: Driven, perInchOfDiameter: number): number {
	mustBePositive({ ...driven });
	const poundsPerInch = perInchOfDiameter * (driven.diameter / MM_PER_INCH);
	return (poundsPerInch * NEWTON_PER_POUND_FORCE) / MM_PER_INCH;
}
