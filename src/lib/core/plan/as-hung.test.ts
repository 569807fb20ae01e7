import { expect } from 'chai';
import fc from 'fast-check';
import { DEMO } from '../../store/demo/index.ts';
import type { DayEvent, DayEventOf } from '../model/day.ts';
import { installedHooks, currentHangings, withSetHooks } from './as-hung.ts';
import { planWallFast } from './plan-wall-fast.ts';

const plan = planWallFast(DEMO, 'stair-hall');
const pieces = plan.ok ? plan.value.pieces : [];
const [a] = pieces;
/** mm, an eighth of an inch: what a mark may be off in these. */
const TOLERANCE = 3.175;

/** A hook of A set so far off its plan, as the plan was then. */
function set(
	of: typeof a,
	index: number,
	dx: number,
	dy: number,
	minute: number
): DayEventOf<'set'> {
	const { id, kind, hole, bearing } = of!.hooks[index]!;
	return {
		...{ id: `s${minute}`, by: '', wallId: 'stair-hall', what: 'set', step: `set:${id}` },
		at: new Date(Date.UTC(2026, 4, 2, 9, minute)).toISOString(),
		...{ hookId: id, hook: kind, planned: hole },
		hole: { x: hole.x + dx, y: hole.y + dy },
		bearing: { x: bearing.x + dx, y: bearing.y + dy }
	};
}

describe('a piece with hooks that are set already', () => {
	const off = fc.double({ min: -15, max: 15, noNaN: true });

	it('keeps the spacing and the level of the hooks that are still to be set', () => {
		fc.assert(
			fc.property(off, off, (dx, dy) => {
				const moved = withSetHooks(a!, [set(a, 0, dx, dy, 1)], TOLERANCE);
				const follows = Math.hypot(dx, dy) > TOLERANCE ? { dx, dy } : { dx: 0, dy: 0 };
				expect(moved.hooks[0]!.hole.x).closeTo(a!.hooks[0]!.hole.x + dx, 1e-9);
				expect(moved.hooks[1]!.hole.x).closeTo(a!.hooks[1]!.hole.x + follows.dx, 1e-9);
				expect(moved.hooks[1]!.hole.y).closeTo(a!.hooks[1]!.hole.y + follows.dy, 1e-9);
				expect(moved.rect.y).closeTo(a!.rect.y + follows.dy, 1e-9);
			})
		);
	});

	it('hangs between them where both are in, and its sums add up', () => {
		const one = set(a, 0, 4, -8, 1);
		const half = withSetHooks(a!, [one], TOLERANCE);
		const both = withSetHooks(a!, [one, set(half, 1, 0, 2, 2)], TOLERANCE);
		expect(both.hooks[1]!.set).not.equal(undefined);
		expect(both.hooks[1]!.hole.y).closeTo(a!.hooks[1]!.hole.y - 6, 1e-9);
		expect(both.rect.y).closeTo(a!.rect.y - 7, 1e-9);
		for (const { height, bearing } of both.hooks) {
			const sum = height.sum.reduce(
				(all, { sign, value, over = 1 }) => all + (sign * value) / over,
				0
			);
			expect(sum).closeTo(bearing.y, 1e-9);
		}
	});

	it('takes a hook that is set anew by where it was set last', () => {
		const again = withSetHooks(a!, [set(a, 0, 4, -8, 1), set(a, 0, 0, 0, 2)], TOLERANCE);
		expect(again.hooks[0]!.hole.y).closeTo(a!.hooks[0]!.hole.y, 1e-9);
		expect(again.rect).deep.equal(a!.rect);
	});

	it('is told by wall and piece, and a hook that met something else is not set', () => {
		const one = set(a, 0, 4, -8, 1);
		const met: DayEvent = {
			...{ id: 'm', by: '', wallId: 'stair-hall', what: 'met', met: 'nothing', step: one.step },
			...{ at: '2026-05-02T10:00:00.000Z', hookId: one.hookId, pieceId: a!.pieceId, hole: one.hole }
		};
		expect(installedHooks([one], 'stair-hall').get(a!.pieceId)).deep.equal([one]);
		expect(installedHooks([one], 'tea-room').size).equal(0);
		expect(installedHooks([met, one], 'stair-hall').get(a!.pieceId)).deep.equal([]);
		expect(currentHangings([], 'stair-hall').size).equal(0);
	});
});
