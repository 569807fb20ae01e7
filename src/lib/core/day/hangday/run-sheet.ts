import type { Project } from '../../model/project.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { hangOrder } from './hang-order.ts';
import { provedBy } from './prove.ts';
import { dayState, type DayState, type StepMark } from './state.ts';
import { getReady } from './steps/get-ready.ts';
import { hangUp } from './steps/hang-up.ts';
import { leaveWell } from './steps/leave-well.ts';
import { markUp } from './steps/mark-up.ts';
import { proveWall } from './steps/prove-wall.ts';
import { setHooks } from './steps/set-hooks.ts';
import { stepsNearby } from './steps/step-id.ts';
import type { DayFacts, Need, Step, StepMaker } from './steps/types.ts';

/** The phases of the day, one file each, in the order they come. */
const MAKERS: readonly StepMaker[] = [proveWall, getReady, markUp, setHooks, hangUp, leaveWell];

/** A step with what became of it. */
export interface SheetStep {
	step: Step;
	mark: StepMark | null;
	/** A measure taken again that does not agree with the survey: nothing goes on from it. */
	off: boolean;
	/** What has to be done first. */
	waitsFor: readonly Step[];
}

/** Ids tell places to the whole mm: what did not move may differ by one. */
const WHOLE = 1;

/** Everything to do on the day, in the order it is done, with what became of it. */
export function runSheet(facts: Omit<DayFacts, 'began'>, state: DayState): SheetStep[] {
	const { tolerance } = facts.project.houseRules;
	const made = pieceByPiece(
		MAKERS.flatMap((maker) => maker({ ...facts, began: state.began })),
		facts
	);
	const steps = state.moves.reduce<readonly Step[]>(
		(list, { step, before }) => reordered(list, step, before),
		made
	);
	const byId = new Map(steps.map((step) => [step.id, step]));
	const off = new Set(steps.filter((step) => isOff(step, state)).map(({ id }) => id));
	/** What was done at a hook counts where its plan has moved by no more than the tolerance since. */
	const nearby = stepsNearby(state.steps.keys());
	const became = (id: string): StepMark | undefined => {
		const own = state.steps.get(id);
		if (own) return own;
		const near = nearby(id, Math.max(tolerance, WHOLE));
		return near === null ? undefined : state.steps.get(near);
	};
	const met = ({ step, strict }: Need): boolean => {
		if (!byId.has(step)) return true;
		const mark = became(step);
		if (mark?.state === 'skipped') return !strict;
		return mark !== undefined && !off.has(step);
	};
	return steps.map((step) => ({
		step,
		mark: became(step.id) ?? null,
		off: off.has(step.id),
		waitsFor: step.needs.flatMap((need) => (met(need) ? [] : [byId.get(need.step)!]))
	}));
}

/** Each piece marked, set and hung before the next, where it is measured from what hangs. */
function pieceByPiece(steps: readonly Step[], { wall, plan }: Pick<DayFacts, 'wall' | 'plan'>) {
	if (!wall.tape.hung) return steps;
	const order = hangOrder(plan.pieces);
	const place = ({ phase, pieceId }: Step): number => {
		if (phase === 'mark' || phase === 'set' || phase === 'lift') return order.indexOf(pieceId!);
		return phase === 'after' ? order.length : -1;
	};
	return steps.toSorted((a, b) => place(a) - place(b));
}

function isOff({ id, asks }: Step, { steps, proofs }: DayState): boolean {
	const read = proofs.get(id);
	if (asks.of !== 'proof' || read === undefined || steps.get(id)?.state === 'skipped') return false;
	return !provedBy(asks.proof, read).agrees;
}

/** The list with a step moved before another, or to the end; the same list where that is not safe, or not possible. */
export function reordered(
	steps: readonly Step[],
	id: string,
	before: string | null
): readonly Step[] {
	const step = steps.find((each) => each.id === id);
	const rest = steps.filter((each) => each !== step);
	const at = before === null ? rest.length : rest.findIndex((each) => each.id === before);
	if (!step || at < 0) return steps;
	const moved = [...rest.slice(0, at), step, ...rest.slice(at)];
	return isSafe(moved) ? moved : steps;
}

/** No step stands before one it needs. */
function isSafe(steps: readonly Step[]): boolean {
	const place = new Map(steps.map(({ id }, index) => [id, index]));
	return steps.every(({ needs }, index) =>
		needs.every(({ step }) => (place.get(step) ?? -1) < index)
	);
}

/** Where a step moves to by one place up or down in its phase; null where that is not safe. */
export function oneOn(
	steps: readonly Step[],
	id: string,
	by: -1 | 1
): { before: string | null } | null {
	const at = steps.findIndex((each) => each.id === id);
	const to = at + (by < 0 ? -1 : 2);
	if (at < 0 || steps[at + by]?.phase !== steps[at]!.phase) return null;
	const before = steps[to]?.id ?? null;
	return reordered(steps, id, before) === steps ? null : { before };
}

/** The first step that is neither done nor skipped, or does not agree; null when the day is over. */
export const nextStep = (sheet: readonly SheetStep[]): SheetStep | null =>
	sheet.find(({ mark, off }) => !mark || off) ?? null;

/** What each step of a wall is called, by its id. */
export function stepTitles(project: Project, wallId: string): Map<string, string> {
	const wall = project.walls.find(({ id }) => id === wallId);
	const plan = planWallFast(project, wallId);
	if (!wall || !plan.ok) return new Map();
	const facts = { project, wall, plan: plan.value, fixes: [] };
	const sheet = runSheet(facts, dayState(project.day, wallId));
	return new Map(sheet.map(({ step: { id, title } }) => [id, title]));
}
