/** What became of a step. */
export interface StepMark {
	state: 'done' | 'skipped';
	at: string;
	by: string;
	/** Why it was skipped. */
	why: string;
}

/** What happened on a wall, as far as it counts, while the events are gone through. */
export interface DayStateDraft {
	began: string | null;
	steps: Map<string, StepMark>;
	proofs: Map<string, number>;
	moves: { step: string; before: string | null }[];
	/** Pieces by the ids of their hangings. */
	hung: Map<string, string>;
}

/** What happened on a wall, as far as it counts now. */
export interface DayState {
	/** When the day that counts began; null where none has. */
	began: string | null;
	steps: ReadonlyMap<string, StepMark>;
	/** Measures taken again, mm, by their step. */
	proofs: ReadonlyMap<string, number>;
	/** Steps moved before others, in the order they were. */
	moves: readonly { step: string; before: string | null }[];
	/** When something was last told; null for never. */
	last: string | null;
}
