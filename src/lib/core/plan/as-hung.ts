import { pointId, pointNamed } from '../model/point-id.ts';
import { addUp, plus, type Derived } from '../base/derived.ts';
import { centreX, top } from '../base/geometry/rect.ts';
import type { HangerKind } from '../piece/hangers/index.ts';
import { memoised } from '../base/memo.ts';
import type { DayEvent } from '../model/day.ts';
import type { Hanging } from '../model/hanging.ts';
import type { PlannedHook, PlannedPiece, SetHook } from '../model/planned.ts';

/** Id of the piece that a hook is of. */
const pieceOfHook = (hookId: string): string => pointNamed(hookId)?.of ?? '';

/** Hooks that were really set, by piece, in the order they were; one that met nothing, or whose hole was filled, is gone. */
export const installedHooks = memoised((day: readonly DayEvent[], wallId: string) => {
	const byPiece = new Map<string, SetHook[]>();
	const hung = new Map<string, string>();
	const gone = (hookId: string | null) => {
		if (hookId === null) return;
		const rest = (byPiece.get(pieceOfHook(hookId)) ?? []).filter((set) => set.hookId !== hookId);
		byPiece.set(pieceOfHook(hookId), rest);
	};
	for (const event of sortByTime(day)) {
		if (event.wallId !== wallId) continue;
		if (event.what === 'set') {
			const pieceId = pieceOfHook(event.hookId);
			byPiece.set(pieceId, [...(byPiece.get(pieceId) ?? []), event]);
		} else if (event.what === 'met') gone(event.hookId);
		else if (event.what === 'hung') hung.set(event.hanging.id, event.hanging.pieceId);
		else if (event.what === 'filled') gone(hookOfHole(event.hole, hung));
	}
	return byPiece;
});

/**
 * The hook that was in a hole of a hanging; null for a hole that was there before, or met nothing.
 *
 * @param hung pieces by the ids of their hangings.
 */
export function hookOfHole(hole: string, hung: ReadonlyMap<string, string>): string | null {
	const point = pointNamed(hole);
	const pieceId = point ? hung.get(point.of) : undefined;
	return point && pieceId !== undefined ? pointId({ of: pieceId, index: point.index }) : null;
}

/** Hangings that stand on a wall, by piece. */
export const currentHangings = memoised(
	(hangings: readonly Hanging[], wallId: string) =>
		new Map(
			hangings
				.filter((each) => each.wallId === wallId && each.until === null)
				.map((each) => [each.pieceId, each])
		)
);

/** Events by when they happened, whatever order they became known in. */
export const sortByTime = memoised((day: readonly DayEvent[]): DayEvent[] =>
	[...day].sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id))
);

/** A hook stands for its plan while that has moved by less than this, or than the tolerance, mm. */
const SAME = 1;

/**
 * A piece with hooks that are set already. They stand where they really are; the others keep their spacing and level to
 * them, and so does the piece. A hook set for what was planned otherwise counts no more.
 *
 * @param tolerance mm a hook may be off its mark before anything follows.
 */
export const withSetHooks = memoised(
	(planned: PlannedPiece, sets: readonly SetHook[], tolerance: number): PlannedPiece => {
		const standing = new Map<string, { event: SetHook; dx: number; dy: number }>();
		const shift = () => {
			const offs = [...standing.values()];
			if (offs.every(({ dx, dy }) => Math.hypot(dx, dy) <= tolerance)) return { dx: 0, dy: 0 };
			const mean = (of: (off: (typeof offs)[number]) => number) =>
				offs.reduce((sum, off) => sum + of(off), 0) / offs.length;
			return { dx: mean(({ dx }) => dx), dy: mean(({ dy }) => dy) };
		};
		for (const event of sets) {
			const hook = planned.hooks.find(({ id }) => id === event.hookId);
			if (!hook || hook.kind !== event.hook) continue;
			standing.delete(hook.id);
			const { dx, dy } = shift();
			const [across, up] = [hook.hole.x + dx - event.planned.x, hook.hole.y + dy - event.planned.y];
			// What the wall taught after it was set moves its mark, and is no other plan.
			const moved = Math.min(Math.hypot(across, up), Math.hypot(across, up + (hook.sits ?? 0)));
			if (moved < Math.max(SAME, tolerance))
				standing.set(hook.id, {
					event,
					dx: event.hole.x - hook.hole.x,
					dy: event.hole.y - hook.hole.y
				});
		}
		if (standing.size === 0) return planned;
		const { dx, dy } = shift();
		return {
			...planned,
			rect: { ...planned.rect, x: planned.rect.x + dx, y: planned.rect.y + dy },
			hooks: planned.hooks.map((hook) => {
				const set = standing.get(hook.id);
				return set
					? { ...movedHook(hook, set), set: set.event }
					: dx === 0 && dy === 0
						? hook
						: movedHook(hook, { dx, dy });
			})
		};
	}
);

/** The hook as far off as it came out. */
function movedHook(hook: PlannedHook, { dx, dy }: { dx: number; dy: number }): PlannedHook {
	if (dx === 0 && dy === 0) return hook;
	const move = ({ x, y }: { x: number; y: number }) => ({ x: x + dx, y: y + dy });
	const off = (label: string, value: number) => ({
		label,
		sign: value < 0 ? (-1 as const) : (1 as const),
		value: Math.abs(value)
	});
	return {
		...hook,
		bearing: move(hook.bearing),
		hole: move(hook.hole),
		height: {
			...hook.height,
			value: hook.height.value + dy,
			sum: [...hook.height.sum, off('as it was set', dy)]
		},
		across: {
			...hook.across,
			value: hook.across.value + dx,
			sum: [...hook.across.sum, off('as it was set', dx)]
		}
	};
}

const asItIs = (value: number): Derived => addUp([plus('as it hangs', value)], 'as it was hung');

/** Whether a back as entered is the one a piece was hung by: else nobody knows what each of its hooks carries. */
const hangsBy = ({ hung }: PlannedPiece, { points, way }: Hanging, back: HangerKind): boolean =>
	hung?.points.length === points.length && (way === '' || way === back);

/**
 * A piece that hangs: where it hangs, and on what, is no question any more.
 *
 * @param back the kind of its back as entered now. Where it is not what the piece hangs by, no loads follow from it.
 */
export const asHung = memoised((planned: PlannedPiece, hanging: Hanging, back: HangerKind) => {
	const known = hangsBy(planned, hanging, back);
	const hooks = hanging.points.map((point, index): PlannedHook => {
		const plan = known ? planned.hooks[index] : undefined;
		return {
			id: pointId({ of: hanging.pieceId, index }),
			name: point.name,
			kind: point.hook,
			bearing: point.bearing,
			hole: point.hole,
			height: asItIs(point.bearing.y),
			across: asItIs(point.bearing.x),
			drop: asItIs(top(hanging.rect) - point.bearing.y),
			cord: plan?.cord ?? null,
			load: plan?.load ?? null
		};
	});
	const hung = known ? planned.hung : null;
	return { ...planned, rect: hanging.rect, hooks, hung, settled: true, hanging };
});

/** Where a piece that hangs but is placed nowhere stands. */
export const placeOf = ({ pieceId, rect }: Hanging) => ({
	pieceId,
	x: centreX(rect),
	height: { from: 'top' as const, at: top(rect) },
	locked: true,
	group: '',
	fix: null
});
