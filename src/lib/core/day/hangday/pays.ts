import {
	CHEAP_ACT_MM,
	NEW_HOLE_MM,
	SEEN_ALONE_MM,
	SEEN_OFF_MM,
	TAPPED_MM
} from '../../base/figures/people.ts';
import { MARKING_MM, NAIL_WANDER_MM } from '../../base/figures/readings.ts';
import { hookOf, type HookKind } from '../../catalogue/facts/index.ts';
import type { LevelStep } from '../../piece/hangers/index.ts';

/** How something is put right: in a moment, by a tap or a bend, or by a new hole or new strips. */
export type Act = 'moment' | 'tap' | 'anew';

/** How hooks are moved by so much. */
export const actFor = (hooks: readonly HookKind[], by: number): Act =>
	hooks.length > 0 && hooks.every((kind) => hookOf(kind).gives) && Math.abs(by) <= TAPPED_MM
		? 'tap'
		: 'anew';

/** How a step that levels is done. */
export function actOf({ does, by }: LevelStep, hooks: readonly HookKind[]): Act {
	if (does === 'press') return 'anew';
	return does === 'point' ? actFor(hooks, by) : 'moment';
}

/** Mean of the size of a normal error, in its standard deviations: √(2/π). */
const MEAN_SIZE = Math.sqrt(2 / Math.PI);

/** What is still off after an act, on the whole, mm: a new hole is marked and wanders like the first. */
const leaves = (act: Act): number =>
	act === 'anew' ? MEAN_SIZE * Math.hypot(NAIL_WANDER_MM, MARKING_MM) : 0;

/**
 * Whether putting right what is off by so many mm gains more than it costs: E|off| - E|left| > cost of the act.
 *
 * @param off mm; `seen` from where an eye sees it, mm.
 */
export const pays = (off: number, act: Act, seen: number = SEEN_OFF_MM): boolean =>
	Math.abs(off) > seen &&
	Math.abs(off) - leaves(act) > (act === 'anew' ? NEW_HOLE_MM : CHEAP_ACT_MM);

/** From where a height is seen to be off: soon beside a neighbour in line with it, late where nothing is near. */
export const seenFrom = (beside: boolean): number => (beside ? SEEN_OFF_MM : SEEN_ALONE_MM);
