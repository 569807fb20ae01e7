import type { Patches } from 'mutative';

/** A command that was run, both ways. */
export interface Step {
	name: string;
	forward: Patches;
	back: Patches;
	/** Commands with one key, one after the other, are one step. */
	merge: string | undefined;
}

/** Steps are numbered from the first that ever was: those from `from` on are done, those from `at` on undone, up to `to`. */
export interface UndoRange {
	from: number;
	at: number;
	to: number;
}

/** What can be undone and redone; the first of the steps has the number `from`. */
export interface UndoLog {
	range: UndoRange;
	steps: readonly Step[];
}

/** What of a log is not in the store yet. */
export interface UndoChange {
	range: UndoRange;
	steps: readonly { number: number; step: Step }[];
}

export const EMPTY_LOG: UndoLog = { range: { from: 0, at: 0, to: 0 }, steps: [] };

/** A log of which the store holds nothing. */
export const wholeLog = ({ range, steps }: UndoLog): UndoChange => ({
	range,
	steps: steps.map((step, index) => ({ number: range.from + index, step }))
});

/** How many steps outlive their page; in the page there is no limit. */
export const KEPT_STEPS = 500;

/** What a command, an undo or a redo did to the log. */
export type Did =
	| { does: 'run'; name: string; back: Patches; merge: string | undefined; merged: boolean }
	| { does: 'undo' }
	| { does: 'redo' };

/** A log after one more act. */
export function afterAct(log: UndoLog, did: Did, forward: Patches): UndoLog {
	const { from, at, to } = log.range;
	if (did.does === 'undo') return at > from ? { ...log, range: { from, at: at - 1, to } } : log;
	if (did.does === 'redo') return at < to ? { ...log, range: { from, at: at + 1, to } } : log;
	const done = log.steps.slice(0, at - from);
	const last = done.at(-1);
	const { name, back, merge } = did;
	if (did.merged && last) {
		const merged = {
			name,
			merge,
			forward: [...last.forward, ...forward],
			back: [...back, ...last.back]
		};
		return { range: { from, at, to: at }, steps: [...done.slice(0, -1), merged] };
	}
	return {
		range: { from, at: at + 1, to: at + 1 },
		steps: [...done, { name, merge, forward, back }]
	};
}
