import { fail } from './said.ts';
import { firstInvalid } from '../../base/check.ts';
import { ok, type Result } from '../../base/result.ts';
import { toDegrees } from '../../base/units/constants.ts';
import { bisect } from './solve.ts';

interface Force {
	x: number;
	/** Up positive, so a load is negative. */
	y: number;
}

export interface LevelHooks {
	dropLeft: number;
	dropRight: number;
	/** Of both outer legs, degrees above level. */
	wireAngle: number;
	tension: number;
	/** The wire's force on each hook, N. */
	leftLoad: Force;
	rightLoad: Force;
	steadyDepth: number;
}

/**
 * Drops in mm for two hooks at chosen places under a wire, so that the piece is level without friction.
 *
 * Both outer legs lie at one angle α: (a+b)/cos α + √((right−left)² + ((b−a)·tan α)²) = L,
 * a = left + S/2, b = S/2 − right; rises a·tan α and b·tan α; drop = ringDrop − rise; T = W/(2 sin α);
 * steadyDepth = S/(2 tan α). Hook places in mm from the rings' middle, under which the mass lies.
 * Errors: `hooks-one-side` (the far hook would have to push down), `hooks-wider-than-rings`, `wire-shorter-than-span`.
 * Source: statics of a string over frictionless pegs.
 */
export function levelHooksOnWire(input: {
	ringSpan: number;
	ringDrop: number;
	wireLength: number;
	weight: number;
	left: number;
	right: number;
}): Result<LevelHooks> {
	const { ringSpan: S, ringDrop, wireLength: L, weight, left, right } = input;
	const refused = firstInvalid([
		{ name: 'ringSpan', value: S, min: 0, open: true },
		{ name: 'ringDrop', value: ringDrop, min: 0 },
		{ name: 'wireLength', value: L, min: 0, open: true },
		{ name: 'weight', value: weight, min: 0, open: true },
		{ name: 'left', value: left },
		{ name: 'right', value: right }
	]);
	if (refused) return refused;
	if (left <= -S / 2 || right >= S / 2)
		return fail('hooks-wider-than-rings', { of: 'at-ring' }, left <= -S / 2 ? 'left' : 'right');
	if (left >= 0 || right <= 0) return fail('hooks-one-side', {}, left >= 0 ? 'left' : 'right');
	if (L <= S) return fail('wire-shorter-than-span', { of: 'short' }, 'wireLength');

	const a = left + S / 2;
	const b = S / 2 - right;
	const between = right - left;
	const middle = (tan: number) => Math.hypot(between, (b - a) * tan);
	const excess = (tan: number): number => (a + b) * Math.hypot(1, tan) + middle(tan) - L;
	const tan = bisect(excess, 0, L / (a + b));
	const tension = weight / (2 * Math.sin(Math.atan(tan)));
	const cos = Math.cos(Math.atan(tan));
	const run = { x: (tension * between) / middle(tan), y: (tension * (b - a) * tan) / middle(tan) };
	return ok({
		dropLeft: ringDrop - a * tan,
		dropRight: ringDrop - b * tan,
		wireAngle: toDegrees(Math.atan(tan)),
		tension,
		leftLoad: { x: run.x - tension * cos, y: run.y - weight / 2 },
		rightLoad: { x: tension * cos - run.x, y: -run.y - weight / 2 },
		steadyDepth: S / (2 * tan)
	});
}
