import { factKey, type Fact } from './fact.ts';
import type { FactReading } from './reading.ts';
import { estimate, type Estimate } from './estimate.ts';
import type { WayOfReading } from './ways.ts';

/** Readings by the key of what was read. */
export type KeptReadings = Readonly<Record<string, readonly FactReading[]>>;

/** Figures nearer than this are one. */
const SAME = 1e-6;

/**
 * The readings behind a figure that stands. A figure that somebody typed over what was read stands for one reading of
 * its own, and what was read before is struck out; so does one from before readings were kept.
 *
 * @param way how such a figure is usually read.
 */
export function readingsOf(
	kept: KeptReadings,
	fact: Fact,
	stands: number | null,
	way: WayOfReading
): FactReading[] {
	const readings = kept[factKey(fact)] ?? [];
	const said = estimate(readings);
	if (stands === null || (said && Math.abs(said.mean - stands) < SAME)) return [...readings];
	return [
		...readings.map((each) => ({ ...each, struck: true })),
		{
			...{ id: `typed-${readings.length}`, value: stands, way, at: null, by: '' },
			...{ simulated: false, struck: false }
		}
	];
}

/** What the readings behind a figure say together. */
export const estimateOf = (
	kept: KeptReadings,
	fact: Fact,
	stands: number,
	way: WayOfReading
): Estimate => estimate(readingsOf(kept, fact, stands, way))!;
