import { ok, type Result } from '../base/result.ts';
import { arrange, BUDGET, distinct, type Candidate, type ArrangeRequest } from './arrange.ts';
import { styleNamed } from './styles/index.ts';

/** A loose style is searched this many times from other seeds; a regular one has nothing to search. */
const ROUNDS = 4;

/** The first look takes this share of a round, so that something is there at once. A choice, no source. */
const FIRST = 1 / 12;

export interface Progress {
	/** Rounds done, of all. */
	done: number;
	of: number;
	/** The best so far. */
	candidates: Candidate[];
}

/** Arranges in rounds, and gives the best so far after each; the last is the answer. An error ends it at once. */
export function* arrangeInRounds(wanted: ArrangeRequest): Generator<Result<Progress>> {
	const of = styleNamed(wanted.style).facts.regular ? 1 : ROUNDS;
	const { budget = BUDGET } = wanted;
	let candidates: Candidate[] = [];
	for (let round = 0; round < of; round++) {
		const found = arrange({
			...{ ...wanted, seed: wanted.seed + round },
			budget: round === 0 && of > 1 ? Math.ceil(budget * FIRST) : budget
		});
		if (!found.ok) {
			if (round === of - 1 && candidates.length === 0) yield found;
			continue;
		}
		const all = [...candidates, ...found.value.candidates].sort(
			(a, b) => a.scores.total - b.scores.total
		);
		candidates = distinct(all, wanted.pieces).slice(0, wanted.count ?? 6);
		yield ok({ done: round + 1, of, candidates });
	}
}
