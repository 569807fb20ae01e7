import { hitChance, missChance, type Term } from './evidence.ts';
import { normalDensity } from './normal.ts';

/** Distances in a table of likelihoods lie this far apart, mm. */
const STEP = 0.1;

/** Values by the distance to the nearest centre, kept since they are asked for millions of times. */
class Table {
	readonly #pitch: number;
	readonly #values: Float64Array;

	constructor(pitch: number, value: (r: number) => number) {
		this.#pitch = pitch;
		this.#values = Float64Array.from({ length: Math.ceil(pitch / 2 / STEP) + 2 }, (_, index) =>
			value(index * STEP)
		);
	}

	/** The value at a distance from any centre. */
	at(difference: number): number {
		const pitch = this.#pitch;
		return between(this.#values, Math.abs(difference - pitch * Math.round(difference / pitch)));
	}

	/** Adds the values at `x - index·step` to a list. */
	addTo(sums: Float64Array, x: number, step: number): void {
		const pitch = this.#pitch;
		const half = pitch / 2;
		const values = this.#values;
		let r = x - pitch * Math.round(x / pitch);
		for (let index = 0; index < sums.length; index++) {
			sums[index]! += between(values, r < 0 ? -r : r);
			r -= step;
			if (r < -half) r += pitch;
		}
	}
}

/** Straight between two values of a table; `r` is small and never negative, so that `| 0` rounds down. */
function between(values: Float64Array, r: number): number {
	const place = r / STEP;
	const index = place | 0;
	const before = values[index]!;
	return before + (place - index) * (values[index + 1]! - before);
}

/** A place and what is known of the distance from it to a stud. */
interface Single {
	table: Table;
	x: number;
}

/** A hint that may speak of either of two places. */
interface Either {
	density: Table;
	xs: number[];
	scale: number;
	outlier: number;
}

/** Log-likelihood of several hints together as a function of the phase φ, where centres lie at φ + k·pitch. */
export class LogLikelihood {
	readonly #singles: Single[];
	readonly #eithers: Either[];

	constructor(singles: Single[], eithers: Either[]) {
		this.#singles = singles;
		this.#eithers = eithers;
	}

	at(phase: number): number {
		let sum = 0;
		for (const { table, x } of this.#singles) sum += table.at(x - phase);
		for (const either of this.#eithers) sum += logOf(either, phase);
		return sum;
	}

	/** The values at 0, step, 2·step and so on. */
	along(count: number, step: number): Float64Array {
		const sums = new Float64Array(count);
		for (const { table, x } of this.#singles) table.addTo(sums, x, step);
		for (const either of this.#eithers)
			for (let index = 0; index < count; index++) sums[index]! += logOf(either, index * step);
		return sums;
	}
}

const logOf = ({ density, xs, scale, outlier }: Either, phase: number): number =>
	Math.log((scale * xs.reduce((sum, x) => sum + density.at(x - phase), 0)) / xs.length + outlier);

/** Tables of this many pitches are kept. */
const KEPT = 24;
const kept = new Map<number, Likelihoods>();

/** Likelihoods for a pitch; the tables of the last few are kept. */
export function likelihoodsOf(pitch: number): Likelihoods {
	const likelihoods = kept.get(pitch) ?? new Likelihoods(pitch);
	kept.delete(pitch);
	kept.set(pitch, likelihoods);
	if (kept.size > KEPT) kept.delete(kept.keys().next().value!);
	return likelihoods;
}

class Likelihoods {
	readonly pitch: number;
	#tables = new Map<string, Table>();

	constructor(pitch: number) {
		this.pitch = pitch;
	}

	/**
	 * A hit: ln((1 - π)·p·Σ N(x; φ + k·p, σ) + π). The factor p stands for the number of studs it might have been;
	 * without it the smallest pitch would always win. A nail: ln of its chance to meet wood, or not to.
	 */
	of(terms: readonly Term[]): LogLikelihood {
		const singles: Single[] = [];
		const eithers: Either[] = [];
		for (const term of terms) {
			if (term.says !== 'near') {
				const fooled = term.says === 'on' ? term.fooled : null;
				const table = this.#table(`nail ${fooled}`, (r) =>
					Math.log(fooled === null ? missChance(r) : hitChance(r, fooled))
				);
				singles.push({ table, x: term.at });
				continue;
			}
			const { at, spread, outlier } = term;
			const density = (r: number) =>
				[-1, 0, 1].reduce((sum, k) => sum + normalDensity(r + k * this.pitch, spread), 0);
			const scale = (1 - outlier) * this.pitch;
			if (at.length > 1)
				eithers.push({ density: this.#table(`${spread}`, density), xs: at, scale, outlier });
			else
				singles.push({
					table: this.#table(`log ${spread} ${outlier}`, (r) =>
						Math.log(scale * density(r) + outlier)
					),
					x: at[0]!
				});
		}
		return new LogLikelihood(singles, eithers);
	}

	#table(name: string, value: (r: number) => number): Table {
		const known = this.#tables.get(name);
		if (known) return known;
		const table = new Table(this.pitch, value);
		this.#tables.set(name, table);
		return table;
	}
}
