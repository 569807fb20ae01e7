import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { planWall } from '../../plan/plan-wall.ts';
import {
	acrossDatums,
	datumHeight,
	findDatum,
	hookedAcross,
	hookedUp,
	upDatums,
	type Datums
} from './datum.ts';

const datumsOf = (index: number): Datums => {
	const wall = DEMO.walls[index]!;
	const plan = planWall(DEMO, wall.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return { wall, pieces: plan.value.pieces, centreLineY: plan.value.centreLine.y };
};

describe('where a tape is hooked', () => {
	it('is found alone as it is found in the list, for every place on every wall', () => {
		for (const index of DEMO.walls.keys()) {
			const datums = datumsOf(index);
			for (const hooked of acrossDatums(datums))
				expect(hookedAcross(datums, hooked.datum)).deep.equal(hooked);
			for (const hooked of upDatums(datums))
				expect(hookedUp(datums, hooked.datum)).deep.equal(hooked);
		}
	});

	it('falls back to the corner and the floor when its place is gone', () => {
		const datums = datumsOf(0);
		const gone = { from: 'piece', id: 'gone' } as const;
		expect(hookedAcross(datums, { ...gone, edge: 'left' }).datum).deep.equal({
			from: 'left-corner'
		});
		expect(hookedUp(datums, { ...gone, edge: 'top' }).datum).deep.equal({ from: 'floor-here' });
		expect(findDatum(acrossDatums(datums), { ...gone, edge: 'left' }).label).equal(
			'the left corner'
		);
	});

	it('reads the floor under each place, and the ceiling over it', () => {
		const datums = datumsOf(2);
		const floor = hookedUp(datums, { from: 'floor-here' });
		// The loft's floor rises 18 in 6400 mm.
		expect(datumHeight(datums.wall, floor, 3200)).closeTo(9, 1e-9);
		expect(datumHeight(datums.wall, floor, 6400)).closeTo(18, 1e-9);
		const ceiling = hookedUp(datums, { from: 'ceiling' });
		expect(datumHeight(datums.wall, ceiling, 0)).equal(2600);
		// A gable: 3300 at its ridge in the middle, 2600 at both ends.
		expect(datumHeight(datums.wall, ceiling, 3200)).equal(3300);
		expect(datumHeight(datums.wall, ceiling, 4800)).closeTo(2950, 1e-9);
		const line = hookedUp(datums, { from: 'read-line' });
		expect(datumHeight(datums.wall, line, 4800)).equal(1200);
	});

	it('speaks of a door by its casing, and of furniture by its name', () => {
		const labels = acrossDatums(datumsOf(1)).map(({ label }) => label);
		expect(labels).include('the bay window casing, left edge');
		expect(labels).include('the dresser, right edge');
		expect(labels).include('piece O, left edge');
	});
});
