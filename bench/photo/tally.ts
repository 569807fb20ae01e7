import { nineInTen } from '../../src/lib/core/index.ts';

/** Misses of figures against the truth, and how often what was said of them held. */
export class Tally {
	readonly #misses = new Map<string, number[]>();
	readonly #held = new Map<string, number>();

	tell(key: string, miss: number, sd: number): void {
		for (const each of [key, 'all']) {
			this.#misses.set(each, [...(this.#misses.get(each) ?? []), Math.abs(miss)]);
			const held = Math.abs(miss) <= nineInTen(sd) ? 1 : 0;
			this.#held.set(each, (this.#held.get(each) ?? 0) + held);
		}
	}

	lines(): string[] {
		return [...this.#misses].map(([key, misses]) => {
			const held = (100 * this.#held.get(key)!) / misses.length;
			return `  ${key}: median ${shareOf(misses, 0.5).toFixed(2)} mm, p90 ${shareOf(misses, 0.9).toFixed(2)} mm; held ${held.toFixed(0)} %`;
		});
	}
}

/** The value that such a share of all is below. */
export const shareOf = (values: readonly number[], share: number): number =>
	[...values].sort((a, b) => a - b)[Math.floor(share * values.length)]!;
