import { expect } from 'chai';
import type { PlannedHook } from '../../model/planned.ts';
import { heightWasRead, hookWasSet } from './as-set.ts';

const hook = {
	...{ id: 'p:0', kind: 'picture-hook-1' },
	...{ hole: { x: 1000, y: 1500 }, bearing: { x: 1002, y: 1480 } }
} as PlannedHook;

describe('a hook that was set', () => {
	it('bears as far off its plan as its hole is, to the right and up alike', () => {
		const told = hookWasSet('set:p:0@1000,1500', hook, { x: 1003, y: 1498 }, false);
		expect(told).deep.include({
			...{ what: 'set', hookId: 'p:0', hook: 'picture-hook-1' },
			planned: { x: 1000, y: 1500 },
			bearing: { x: 1005, y: 1478 },
			simulated: false
		});
	});

	it('keeps that no real instrument read it', () => {
		expect(hookWasSet('', hook, hook.hole, true).simulated).equal(true);
	});
});

describe('a piece that hangs too high', () => {
	const piece = { pieceId: 'p', hooks: [hook, hook] };

	it('tells its back as it came out, and no more where its hooks stay', () => {
		const told = heightWasRead(piece, { higher: 6, hooksMoved: false, simulated: false });
		expect(told).deep.equal([{ what: 'came-out', pieceId: 'p', higher: 6, simulated: false }]);
	});

	it('has each hook lowered by as much where they were moved, and raised where it hung too low', () => {
		const ups = (higher: number) => {
			const [, moved] = heightWasRead(piece, { higher, hooksMoved: true, simulated: false });
			return moved?.what === 'corrected' ? moved.hooks : [];
		};
		expect(ups(6)).deep.equal([
			{ index: 0, up: -6 },
			{ index: 1, up: -6 }
		]);
		expect(ups(-4).map(({ up }) => up)).deep.equal([4, 4]);
	});
});
