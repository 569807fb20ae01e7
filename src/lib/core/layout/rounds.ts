import { ok, type Result } from '../base/result.ts';
import { arrange, distinct, type Candidate, type ArrangeRequest } from './arrange.ts';
import { styleNamed } from './styles/index.ts';

/** A loose style is searched this many times from other seeds; a regular one has nothing to search. */
const ROUNDS = 4;

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
	let candidates: Candidate[] = [];
	for (let round = 0; round < of; round++) {
		const found = arrange({ ...wanted, seed: wanted.seed + round });
		if (!found.ok) {
			if (round === of - 1 && candidates.length === 0) yield found;
			continue;
		}
		const all = [...candidates, ...found.value.candidates].sort(
			(a, b) => a.scores.total - b.scores.total
		);
		candidates = distinct(all).slice(0, wanted.count ?? 6);
		yield ok({ done: round + 1, of, candidates });
	}
}
