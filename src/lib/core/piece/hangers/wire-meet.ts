import { fail } from './said.ts';
import { SURE_FRICTION } from '../../base/figures/hardware.ts';
import { SEEN_TILT_DEGREES } from '../../base/figures/people.ts';
import { byFormula, combine, minus, plus, type Derived } from '../../base/derived.ts';
import { ok, type Result } from '../../base/result.ts';
import { offCentreHook, type OffCentreHook } from '../statics/off-centre-hook.ts';
import { levelHooksOnWire, type LevelHooks } from '../statics/uneven-hooks.ts';
import { toRadians } from '../../base/units/constants.ts';
import type { HangerRules, HangSolution, HungPiece, PointLoad, WallPoint } from './types.ts';
import { solveWire } from './wire.ts';
import { massBelowRings, wireLength, type WireBack } from './wire-reading.ts';

/** A wire’s hooks lie between its rings. */
export const wireReach = ({ ringSpan }: WireBack): { left: number; right: number } => ({
	left: ringSpan / 2,
	right: ringSpan / 2
});

/** Two hooks at chosen places under a wire, at the heights that hold it level without friction. */
export function twoHooksAt(
	back: WireBack,
	piece: HungPiece,
	rules: HangerRules,
	[left, right]: readonly [number, number]
): Result<HangSolution> {
	const base = evenly(back, right - left, piece, rules);
	if (!base.ok) return base;
	const length = base.value.wire!.length;
	const level = levelHooksOnWire({
		ringSpan: back.ringSpan,
		ringDrop: back.ringDrop,
		wireLength: length,
		weight: piece.weight ?? 1,
		left,
		right
	});
	if (!level.ok) return level;
	const { dropLeft, dropRight, leftLoad, rightLoad } = level.value;
	const point = (
		name: WallPoint['name'],
		x: number,
		drop: number,
		force: LevelHooks['leftLoad'],
		pull: Derived | undefined
	): WallPoint => ({
		name,
		x,
		drop: uneven(back, drop, base.value.points[0]!.drop),
		load: piece.weight === null ? null : loadOf(level.value, force, pull!)
	});
	const [first, second] = base.value.points;
	return ok({
		...base.value,
		points: [
			point('left hook', left, dropLeft, leftLoad, first!.load?.pull),
			point('right hook', right, dropRight, rightLoad, second!.load?.pull)
		],
		steadiness: { ...base.value.steadiness!, needed: level.value.steadyDepth },
		heldLevelBy: 'Two hooks at unequal heights, where the wire pulls alike on both sides.'
	});
}

/** One hook so little away from the middle of a wire that friction holds it, and nobody sees it turn about its hook. */
export function oneHookAt(
	back: WireBack,
	piece: HungPiece,
	rules: HangerRules,
	x: number
): Result<HangSolution> {
	const base = evenly(back, 0, piece, rules);
	if (!base.ok) return base;
	const off = offCentreHook({
		ringSpan: back.ringSpan,
		ringDrop: back.ringDrop,
		wireLength: base.value.wire!.length,
		weight: piece.weight ?? 1,
		hook: x,
		massOffset: piece.massOffset,
		massBelowRings: massBelowRings(back, piece)
	});
	if (!off.ok) return off;
	if (off.value.frictionNeeded > SURE_FRICTION) return fail('beyond-friction', {}, 'hook');
	const tilt = Math.abs(off.value.tiltIfItHolds!);
	if (tilt > SEEN_TILT_DEGREES) return fail('hangs-crooked', { tilt }, 'hook');
	const [point] = base.value.points;
	return ok({
		...base.value,
		points: [{ ...point!, x, drop: uneven(back, off.value.drop, point!.drop) }],
		steadiness: { ...base.value.steadiness!, friction: off.value.frictionNeeded },
		heldLevelBy: frictionWords(off.value)
	});
}

const frictionWords = ({ frictionNeeded, tiltIfItHolds = 0 }: OffCentreHook): string =>
	`Friction of the wire on its hook: it needs ${frictionNeeded.toFixed(2)}, and ${SURE_FRICTION} is sure. Let go, it hangs within ${Math.abs(tiltIfItHolds).toFixed(1)}° of level.`;

/** The same wire over hooks about its middle: what it is checked against, and its lean. */
function evenly(
	back: WireBack,
	spacing: number,
	piece: HungPiece,
	rules: HangerRules
): Result<HangSolution> {
	if (back.ringLower || Math.abs(piece.massOffset) > 1) return fail('uneven');
	const length = wireLength(back);
	return length.ok ? solveWire(back, spacing, piece, rules) : length;
}

const uneven = (back: WireBack, drop: number, even: Derived): Derived => ({
	value: drop,
	sum: [plus('ring drop', back.ringDrop), minus('rise of the wire', back.ringDrop - drop)],
	source: 'level pose: the runs of the wire add up to its length',
	...combine(even.parts)
});

function loadOf(
	{ tension, wireAngle }: LevelHooks,
	force: LevelHooks['leftLoad'],
	pull: Derived
): PointLoad {
	return {
		down: byFormula(-force.y, 'the wire’s force on the hook, both outer legs at one angle'),
		inward: Math.abs(force.x),
		outward: tension * Math.cos(toRadians(wireAngle)),
		pull
	};
}
