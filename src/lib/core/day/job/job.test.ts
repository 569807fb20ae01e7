import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { fixOnWall } from '../../plan/fix.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { inspectionOf } from './inspection.ts';
import { takesTwo, timeFor } from './time.ts';

function onWall(wallId: string) {
	const plan = planWallFast(DEMO, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	const wall = DEMO.walls.find(({ id }) => id === wallId)!;
	const fixes = fixOnWall(DEMO, wall, { studs: [], lean: null });
	return { wall, pieces: plan.value.pieces, fixes };
}

describe('the time a job takes', () => {
	it('adds up, and grows with pieces, masonry and lifts by two', () => {
		const { wall, pieces, fixes } = onWall('stair-hall');
		const all = timeFor(wall, pieces, fixes);
		expect(all.parts.reduce((sum, { minutes }) => sum + minutes, 0)).equal(all.minutes);
		expect(all.low).below(all.minutes);
		expect(all.high).above(all.minutes);
		const fewer = timeFor(wall, pieces.slice(1), fixes.slice(1));
		// From memory: 6 minutes a piece, 4 a hole in board.
		const [first] = pieces;
		const own = 6 + 4 * first!.hooks.length + (takesTwo(fixes[0]!) ? 10 : 0);
		expect(all.minutes - fewer.minutes).equal(own);
	});

	it('is longer in brick: 10 minutes a hole, from memory', () => {
		const { wall, pieces } = onWall('net-loft');
		const holes = pieces.reduce((sum, { hooks }) => sum + hooks.length, 0);
		const board = DEMO.walls.find(({ id }) => id === 'stair-hall')!;
		const longer = timeFor(wall, pieces, []).minutes - timeFor(board, pieces, []).minutes;
		expect(longer).equal(6 * holes);
	});
});

describe('looking a hanging over again', () => {
	it('comes sooner for strips than for cords, wires and hooks, and twice as often in public', () => {
		const wire = { wire: { length: 400, tension: null, angle: null!, hookSpacing: 0 } };
		const months = (
			kind: Parameters<typeof inspectionOf>[0][number]['kind'],
			hung = null as never
		) => inspectionOf([{ kind }], hung, []).months;
		const order = [
			months('adhesive-strip'),
			months('rail-hook'),
			inspectionOf([{ kind: 'picture-hook-1' }], wire, []).months,
			months('picture-hook-1')
		];
		expect(order).deep.equal([...order].sort((a, b) => a - b));
		expect(new Set(order).size).equal(4);
		expect(inspectionOf([{ kind: 'rail-hook' }], null, ['public']).months).equal(6);
	});

	it('goes by the weakest of what a piece hangs on', () => {
		const both = inspectionOf([{ kind: 'picture-hook-1' }, { kind: 'adhesive-strip' }], null, []);
		expect(both.look).contain('strip');
	});
});
