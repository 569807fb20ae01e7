import type { Said } from '../../base/result.ts';

/** The rules that order ways, the first that tells two apart decides. */
export const RANK_RULES = [
	'stopped',
	'place',
	'aside',
	'heavy',
	'margin',
	'back',
	'holes',
	'at-hand',
	'cost'
] as const;
export type RankRule = (typeof RANK_RULES)[number];

/** One thing that speaks for a way or against it, by one rule of the ranking; costs without words are only reckoned. */
export interface ScoreTerm extends Said {
	rule: RankRule;
	/** Added to what the way costs by that rule; the least comes first. Choices, no source. */
	costs: number;
}

/** What a way costs by each rule, in their order. */
export type Rank = readonly number[];

export const rankOf = (considered: readonly ScoreTerm[]): Rank =>
	RANK_RULES.map((rule) =>
		considered.reduce((sum, term) => sum + (term.rule === rule ? term.costs : 0), 0)
	);

/** Below 0 where the first comes before the second; used least first where all rules have them alike. */
export function compareRanks(a: Rank, b: Rank): number {
	const apart = a.findIndex((cost, at) => Math.abs(cost - b[at]!) > 1e-9);
	return apart < 0 ? 0 : a[apart]! - b[apart]!;
}

export const byRank = (a: { rank: Rank; use: number }, b: { rank: Rank; use: number }): number =>
	compareRanks(a.rank, b.rank) || a.use - b.use;
