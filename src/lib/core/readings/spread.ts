import { NINE_IN_TEN } from '../base/figures/readings.ts';
import { CAUSES, type CauseOfError } from '../../words/en/spread.ts';

/** One cause of error: what it does to a place at one standard deviation, mm, signed. */
export interface Share {
	/** The same for the same error, so that what two places share cancels in their difference. */
	cause: string;
	/** What it is, and what it is of, for its words. */
	what: CauseOfError;
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
export const within = (spread: Spread): number => nineInTen(deviation(spread));

/** The same of a normal error of a standard deviation, in its unit. */
export const nineInTen = (sd: number): number => NINE_IN_TEN * sd;

/** What shares of one kind do together. */
export interface Cause {
	what: CauseOfError;
	/** In words. */
	says: string;
	/** Half-width that it alone would hold nine times in ten, mm. */
	within: number;
	assumed: boolean;
}

/** What a spread is made of, each kind once, the largest first. */
export function causesOf(spread: Spread): Cause[] {
	const kinds = new Map<string, Share[]>();
	for (const share of spread) {
		const says = CAUSES[share.what]({ of: share.of ?? '' });
		kinds.set(says, [...(kinds.get(says) ?? []), share]);
	}
	return [...kinds]
		.map(([says, shares]) => ({
			...{ what: shares[0]!.what, says, within: within(shares) },
			assumed: shares.some(({ assumed }) => assumed)
		}))
		.sort((a, b) => b.within - a.within);
}

/** How far it would hold if one cause did so many mm instead. */
export const withinIf = (spread: Spread, cause: string, effect: number): number =>
	within(spread.map((share) => (share.cause === cause ? { ...share, effect } : share)));
