import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import { startFeature } from '../model/start.ts';
import type { Project } from '../model/project.ts';
import type { Wall } from '../model/wall.ts';
import { planWallFast, type WallPlan } from './plan-wall-fast.ts';
import { stationNotes } from '../day/stations.ts';

const inch = 25.4;

function planned(change: (wall: Wall, project: Project) => void, wallId = 'stair-hall'): WallPlan {
	const project = structuredClone(DEMO);
	change(
		project.walls.find(({ id }) => id === wallId)!,
		project
	);
	const plan = planWallFast(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
}
const placementCautions = (plan: WallPlan, piece: string) =>
	plan.placementCautions
		.filter(({ pieceId }) => pieceId === piece)
		.map(({ caution }) => caution.code);

describe('what the survey does to the plan', () => {
	it('has nothing to say against the demo as it hangs, but where a hand needs room', () => {
		const plan = planned(() => undefined);
		expect(plan.placementCautions.map(({ caution }) => caution.grade)).not.include('stop');
		expect(plan.wallCautions.filter(({ path }) => path !== undefined)).deep.equal([]);
	});

	it('keeps pieces under a sloping ceiling and above the floor', () => {
		// A ceiling that comes down to 60 in at the right end stands at 80.6 over the right edge of E, whose top is 71.75.
		const low = planned((wall) => (wall.ceiling = [{ x: 168 * inch, y: 60 * inch }]));
		expect(placementCautions(low, 'piece-e')).not.include('off-wall');
		const lower = planned((wall) => {
			wall.levels.readings = [];
			wall.ceiling = [{ x: 130 * inch, y: 60 * inch }];
		});
		expect(placementCautions(lower, 'piece-e')).include('off-wall');
		expect(placementCautions(lower, 'piece-g')).not.include('off-wall');
	});

	it('reads “floor here” from the tread of a stair', () => {
		const stairs = {
			x: 100 * inch,
			up: 'right',
			rise: 7 * inch,
			going: 10 * inch,
			steps: 4
		} as const;
		const flat = planned((wall) => (wall.levels.readings = []));
		const stepped = planned((wall) => {
			wall.levels.readings = [];
			wall.stairs = stairs;
		});
		const up = (plan: WallPlan, letter: string) =>
			plan.marks.find((mark) => mark.letter === letter)!.up.exact.value / inch;
		// D at 109 hangs over the first tread, E at 122 over the third.
		expect(up(flat, 'D') - up(stepped, 'D')).closeTo(7, 1e-9);
		expect(up(flat, 'E') - up(stepped, 'E')).closeTo(21, 1e-9);
		expect(up(flat, 'A') - up(stepped, 'A')).closeTo(0, 1e-9);
	});

	it('tells what a sofa, a radiator and a door that opens inwards mean for the pieces above', () => {
		const plan = planned((wall) => {
			const console_ = wall.features.find(({ id }) => id === 'console')!;
			Object.assign(console_, { sort: 'sofa' });
			Object.assign(
				wall.features.find(({ id }) => id === 'street-door')!,
				{ opens: 'right' }
			);
			const radiator = startFeature(() => 'r', 'radiator', wall);
			wall.features.push({ ...radiator, x: 105 * inch, y: 5 * inch, width: 20 * inch });
		});
		expect(placementCautions(plan, 'piece-c')).include('over-people');
		expect(placementCautions(plan, 'piece-a')).include('door-swing');
		expect(placementCautions(plan, 'piece-f')).include('over-heat');
	});

	it('shows in the station’s note what is to settle', () => {
		const note = (change: (wall: Wall) => void) => {
			const project = structuredClone(DEMO);
			change(project.walls[0]!);
			const plan = planWallFast(project, 'stair-hall');
			if (!plan.ok) throw new Error(plan.error.message);
			return stationNotes(project, plan.value).survey;
		};
		expect(note(() => undefined)).deep.equal({ ready: true, text: 'ready' });
		expect(note((wall) => (wall.made.of = 'unknown')).text).equal('made of what?');
		expect(note((wall) => (wall.features[0]!.x = -500)).text).equal('1 to choose');
	});
});
