import type { FactReading } from './reading.ts';
import { WAYS, type Way } from './ways.ts';

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
 * The estimate that follows from readings; null where none counts.
 *
 * Readings of one way share what their instrument is off: mean Σ(v/σ²)/Σ(1/σ²), variance 1/Σ(1/σ²) + s². Ways are
 * weighed against each other by their variances in the same manner; sd √(1/Σ(1/variance)).
 * Where two readings do not agree, those count that agree with the latest, until one is struck out.
 * Source: inverse-variance weighting, JCGM 100:2008 (GUM), clause 4.2 and annex F.
 */
export function estimate(readings: readonly FactReading[]): Estimate | null {
	const counted = readings.filter(({ struck }) => !struck);
	const latest = counted.at(-1);
	if (!latest) return null;
	const conflict = worstConflict(counted);
	const used = conflict ? counted.filter((each) => agree(each, latest)) : counted;
	const byWay = new Map<string, FactReading[]>();
	for (const each of used) byWay.set(each.way, [...(byWay.get(each.way) ?? []), each]);
	const { mean, variance } = weighed([...byWay.values()].map(ofOneWay));
	return { mean, sd: Math.sqrt(variance), count: used.length, conflict };
}

interface Weighed {
	mean: number;
	variance: number;
}

function weighed(parts: readonly Weighed[]): Weighed {
	const [only, ...others] = parts;
	if (only && others.length === 0) return only;
	const all = parts.reduce((sum, { variance }) => sum + 1 / variance, 0);
	const mean = parts.reduce((sum, { mean, variance }) => sum + mean / variance, 0) / all;
	return { mean, variance: 1 / all };
}

function ofOneWay(readings: readonly FactReading[]): Weighed {
	const { mean, variance } = weighed(
		readings.map((each) => ({ mean: each.value, variance: spreadOf(each).own ** 2 }))
	);
	const shared = Math.min(...readings.map((each) => spreadOf(each).shared));
	return { mean, variance: variance + shared ** 2 };
}

/** How a reading scatters: by its way, unless it has its own. */
const spreadOf = ({ way, spread }: FactReading): Way => spread ?? WAYS[way];

const limit = (a: FactReading, b: FactReading): number =>
	TOO_FAR * Math.hypot(spreadOf(a).own, spreadOf(b).own);

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
