import { NINE_IN_TEN } from '../base/figures/readings.ts';

/** One cause of error: what it does to a place at one standard deviation, mm, signed. */
export interface Share {
	/** The same for the same error, so that what two places share cancels in their difference. */
	cause: string;
	/** What it is, and what it is of, for its words. */
	what: string;
	of?: string;
	effect: number;
	/** Nobody read it: it is a guess. */
	assumed?: true;
}

/** Everything that a place rests on, by cause. */
export type Spread = readonly Share[];

/** Causes added up: what comes twice from one cause adds with its sign. */
export function together(...spreads: readonly Spread[]): Spread {
	const byCause = new Map<string, Share>();
	for (const share of spreads.flat()) {
		const known = byCause.get(share.cause);
		byCause.set(share.cause, known ? { ...known, effect: known.effect + share.effect } : share);
	}
	return [...byCause.values()].filter(({ effect }) => effect !== 0);
}

/** A spread times a factor. */
export const times = (spread: Spread, factor: number): Spread =>
	spread.map((share) => ({ ...share, effect: share.effect * factor }));

/** How far apart two places are off: what they share cancels. */
export const difference = (a: Spread, b: Spread): Spread => together(a, times(b, -1));

/** Standard deviation, mm: √Σ effect². */
export const deviation = (spread: Spread): number =>
	Math.hypot(...spread.map(({ effect }) => effect));

/** Half-width of the range that holds nine times in ten, mm: 1.645·√Σ effect². Source: JCGM 100:2008 (GUM), 5.1 and 6.2. */
export const within = (spread: Spread): number => NINE_IN_TEN * deviation(spread);

/** Its shares, the largest first. */
export const largestFirst = (spread: Spread): Share[] =>
	[...spread].sort((a, b) => Math.abs(b.effect) - Math.abs(a.effect));

/** How far it would hold if one cause did so many mm instead. */
export const withinIf = (spread: Spread, cause: string, effect: number): number =>
	within(spread.map((share) => (share.cause === cause ? { ...share, effect } : share)));
