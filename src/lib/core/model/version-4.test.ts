import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { openProject } from './open.ts';

/** The demo without what version 5 added, with a hook of the person's own. */
function old(): Record<string, unknown> {
	const file = JSON.parse(JSON.stringify(DEMO)) as typeof DEMO;
	const rules = file.houseRules as Partial<typeof file.houseRules>;
	delete rules.school;
	delete rules.heavy;
	delete rules.nudge;
	for (const wall of file.walls)
		for (const { placements } of wall.arrangements)
			for (const placement of placements) delete (placement as Partial<typeof placement>).fix;
	return { ...file, version: 4, readings: {}, kit: { nail: { dy: -2 } } };
}

describe('a project file of version 4', () => {
	it('opens with nothing settled, the careful school, and its own hooks without a rating', () => {
		const opened = openProject(old());
		if (!opened.ok) throw new Error(opened.error.message);
		const { houseRules, kit, walls } = opened.value;
		expect(houseRules).include({ school: 'careful', heavy: 15, nudge: 25 });
		expect(kit).deep.equal({ nail: { dy: -2, rating: null, standOff: null, stock: null } });
		const placements = walls.flatMap(({ arrangements }) => arrangements[0]!.placements);
		expect(placements.length).above(0);
		for (const placement of placements) expect(placement.fix).equal(null);
	});

	it('is refused where a fixing or a rating is none', () => {
		const refusal = (change: (file: typeof DEMO) => void) => {
			const file = JSON.parse(JSON.stringify(DEMO)) as typeof DEMO;
			change(file);
			const result = openProject(file);
			return result.ok ? 'opened' : result.error.path;
		};
		const rating = { kg: -1, meaning: 'working' as const };
		const kit = { nail: { dy: null, rating, standOff: null, stock: 3 } };
		expect(refusal((file) => (file.kit = kit))).equal('kit.nail.rating.kg');
		expect(
			refusal(({ walls }) => {
				walls[0]!.arrangements[0]!.placements[0]!.fix = { at: 0, points: [] };
			})
		).equal('walls.0.arrangements.0.placements.0.fix.points');
	});
});
