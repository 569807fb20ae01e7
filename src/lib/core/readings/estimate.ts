import type { FactReading } from './reading.ts';
import { WAYS } from './ways.ts';

/** Two readings further apart than their spreads explain, mm. */
export interface Conflict {
	one: FactReading;
	other: FactReading;
	apart: number;
}

/** What readings of one length say together. */
export interface Estimate {
	/** mm. */
	mean: number;
	/** Standard deviation of the mean, mm. */
	sd: number;
	/** Readings it rests on. */
	count: number;
	/** The worst that do not agree; null where all do. */
	conflict: Conflict | null;
}

/** Two readings of one length lie further apart than this many standard deviations of their difference once in 370 times. Φ(3) = 0.99865. */
const TOO_FAR = 3;

/**
 * The estimate that follows from readings, mm; null where none counts.
 *
 * Mean Σ(v/σ²)/Σ(1/σ²), σ the own scatter of each way; sd √(1/Σ(1/σ²) + s²), s the least share that the instruments
 * have in common. Where two do not agree, those count that agree with the latest, until one is struck out.
 * Source: inverse-variance weighting, JCGM 100:2008 (GUM), clause 4.2 and annex F.
 */
export function estimate(readings: readonly FactReading[]): Estimate | null {
	const counted = readings.filter(({ struck }) => !struck);
	const latest = counted.at(-1);
	if (!latest) return null;
	const conflict = worstConflict(counted);
	const used = conflict ? counted.filter((each) => agree(each, latest)) : counted;
	const weights = used.map(({ way }) => 1 / WAYS[way].own ** 2);
	const all = weights.reduce((sum, weight) => sum + weight, 0);
	const mean = used.reduce((sum, { value }, index) => sum + value * weights[index]!, 0) / all;
	const shared = Math.min(...used.map(({ way }) => WAYS[way].shared));
	return { mean, sd: Math.sqrt(1 / all + shared ** 2), count: used.length, conflict };
}

const limit = (a: FactReading, b: FactReading): number =>
	TOO_FAR * Math.hypot(WAYS[a.way].own, WAYS[b.way].own);

const agree = (a: FactReading, b: FactReading): boolean =>
	Math.abs(a.value - b.value) <= limit(a, b);

function worstConflict(readings: readonly FactReading[]): Conflict | null {
	let worst: Conflict | null = null;
	for (const [index, one] of readings.entries())
		for (const other of readings.slice(index + 1)) {
			const apart = Math.abs(one.value - other.value);
			if (apart > limit(one, other) && apart > (worst?.apart ?? 0)) worst = { one, other, apart };
		}
	return worst;
}
