import type { HookKind } from '../../../catalogue/facts/index.ts';
import type { PlannedHook } from '../../../model/planned.ts';

/** What a step is about. */
export type StepRef =
	| { of: 'prove'; measure: 'width' | 'height' | 'floor-left' | 'floor-right' }
	| { of: 'ready'; what: 'room' | 'backs' | 'tools' | 'line' }
	| { of: 'trouble' | 'lift' | 'level' | 'stays'; pieceId: string }
	| { of: 'mark'; hookId: string; hole: Spot }
	| { of: 'set'; hookId: string; hole: Spot; kind: HookKind }
	| { of: 'after'; what: 'holes' | 'clean' | 'photo' | 'tell' };

interface Spot {
	x: number;
	y: number;
}

/** mm are told in an id to the whole, so that what moved is a step anew. */
const place = ({ x, y }: Spot): string => `${Math.round(x)},${Math.round(y)}`;

/** How each kind of step is named in a project file; nothing else writes such an id. */
const WRITE: { [Of in StepRef['of']]: (ref: Extract<StepRef, { of: Of }>) => string } = {
	prove: ({ measure }) => `prove:${measure}`,
	ready: ({ what }) => `ready:${what}`,
	trouble: ({ pieceId }) => `ready:trouble:${pieceId}`,
	mark: ({ hookId, hole }) => `mark:${hookId}@${place(hole)}`,
	set: ({ hookId, hole, kind }) => `set:${hookId}@${place(hole)}:${kind}`,
	lift: ({ pieceId }) => `lift:${pieceId}`,
	level: ({ pieceId }) => `level:${pieceId}`,
	stays: ({ pieceId }) => `stays:${pieceId}`,
	after: ({ what }) => `after:${what}`
};

export const stepId = (ref: StepRef): string => (WRITE[ref.of] as (ref: StepRef) => string)(ref);

const OF_HOOK = /^(mark|set):(.*)@(-?\d+),(-?\d+)(:[^@]*)?$/s;

/** Whether a step marks or sets a hook, wherever it was planned. */
export const isOfHook = (step: string, hookId: string): boolean =>
	OF_HOOK.exec(step)?.[2] === hookId;

/** Whether a step marks or sets, and which hook; null where it is about none. */
export function hookOfStep(step: string): { does: 'mark' | 'set'; hookId: string } | null {
	const read = OF_HOOK.exec(step);
	return read && { does: read[1] as 'mark' | 'set', hookId: read[2]! };
}

/**
 * Finds, among some steps, the nearest that does the same to the same hook at most so many mm away; null for none.
 * The steps are read once, however often it is asked.
 */
export function stepsNearby(
	steps: Iterable<string>
): (step: string, within: number) => string | null {
	const byAct = new Map<string, { id: string; x: number; y: number }[]>();
	for (const id of steps) {
		const read = actOf(id);
		if (!read) continue;
		const known = byAct.get(read.act);
		if (known) known.push({ id, ...read });
		else byAct.set(read.act, [{ id, ...read }]);
	}
	return (step, within) => {
		const own = actOf(step);
		if (!own) return null;
		const away = ({ x, y }: Spot) => Math.hypot(x - own.x, y - own.y);
		const [nearest] = (byAct.get(own.act) ?? [])
			.filter((each) => away(each) <= within)
			.sort((one, other) => away(one) - away(other));
		return nearest?.id ?? null;
	};
}

/** What a step does to which hook of which kind, and where; null where it is about no hook. */
function actOf(step: string): ({ act: string } & Spot) | null {
	const read = OF_HOOK.exec(step);
	if (!read) return null;
	const [, does, hookId, x, y, kind = ''] = read;
	return { act: `${does}:${hookId}${kind}`, x: Number(x), y: Number(y) };
}

const OF_EACH_DAY = /^(?:prove|ready|after):/;

/** Whether a step is done anew on each day. */
export const isOfEachDay = (step: string): boolean => OF_EACH_DAY.test(step);

/** The step that marks a planned hook. */
export const markStepId = ({ id, hole }: PlannedHook): string =>
	stepId({ of: 'mark', hookId: id, hole });

/** The step that sets a planned hook: the one it was set by, where it is in the wall already. */
export const setStepId = ({ id, hole, kind, set }: PlannedHook): string =>
	set?.step ?? stepId({ of: 'set', hookId: id, hole, kind });
