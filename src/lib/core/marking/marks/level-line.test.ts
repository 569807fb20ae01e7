import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { hookTape } from '../../../store/commands/index.ts';
import { preview } from '../../../store/history.ts';
import { planWallFast, type WallPlan } from '../../plan/plan-wall-fast.ts';
import type { Project } from '../../model/project.ts';
import { crossedBy, lineOffers } from './level-line.ts';
import { secondMeasures } from './second-measure.ts';
import { stylesOf } from './styles.ts';

const planned = (project: Project): WallPlan => {
	const plan = planWallFast(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
};
const wall = DEMO.walls[0]!;
const { pieces, marks } = planned(DEMO);
const inches = (mm: number) => mm / 25.4;

describe('a level line', () => {
	it('is offered through the most marks, and below every piece where hands reach', () => {
		const [through, below] = lineOffers(pieces, wall);
		const on = marks.filter(({ point }) => Math.abs(point.y - through!.at) < 0.5);
		expect(on.length).least(2);
		expect(through!.why).match(new RegExp(`^${on.length} marks`));
		const lowest = Math.min(...pieces.map(({ rect }) => rect.y));
		expect(below!.at).within(900, lowest - 50);
		expect(lineOffers([], wall)).deep.equal([]);
	});

	it('tells what it runs over, from left to right', () => {
		const names = (y: number) => crossedBy(y, pieces, wall).map(({ name }) => name);
		expect(names(25.4 * 60)).include.members(['Street door', 'A', 'C', 'Tea room door']);
		expect(names(25.4 * 95)).not.include('C');
		const places = crossedBy(25.4 * 60, pieces, wall).map(({ from }) => from);
		expect(places).deep.equal(places.toSorted((a, b) => a - b));
	});

	it('has every height read from it, one with it nothing', () => {
		const { at } = lineOffers(pieces, wall)[0]!;
		const project = preview(DEMO, hookTape('stair-hall', { up: { from: 'line', at } }));
		for (const { up, point } of planned(project).marks) {
			expect(up.datum).equal('your level line');
			expect(up.exact.value).closeTo(Math.abs(point.y - at), 1e-9);
			const level = Math.abs(point.y - at) < 0.05;
			expect(up.way).equal(level ? 'on' : point.y < at ? 'down from' : 'up from');
		}
	});
});

describe('marks of one level', () => {
	it('are set from the first of their piece', () => {
		const [left, right] = marks.filter(({ letter }) => letter === 'A');
		expect(left!.levelWith).equal(null);
		// Two hooks 7 1/2 in apart.
		expect(right!.levelWith).deep.include({ name: 'the left hook', way: 'right' });
		expect(inches(right!.levelWith!.printed)).closeTo(7.5, 1e-9);
		// Rounded as one set: both ways come to the same place.
		expect(inches(right!.across.printed - left!.across.printed)).closeTo(7.5, 1e-9);
	});

	it('have a second measure that the first tape had no part in', () => {
		const { lead } = stylesOf(DEMO.houseRules);
		const [mark] = marks;
		const measure = (at: number, from: 'ceiling' | 'floor-here') =>
			secondMeasures(
				{ ...wall, tape: { ...wall.tape, up: { from } } },
				{ ...mark!, across: { ...mark!.across, at } },
				0,
				lead
			);
		const right = measure(0, 'floor-here');
		expect(right.across.to).match(/tea room door casing/);
		const left = measure(wall.width, 'ceiling');
		expect(left.across.to).match(/street door casing/);
		// From casing to casing as the survey has it: 38 in to 130 in.
		expect(inches(right.across.exact + left.across.exact)).closeTo(92, 1e-9);
		expect(left.up.to).equal('the floor');
		expect(right.up.to).equal('the ceiling');
		// Above the doors there is only the corner.
		const high = secondMeasures(
			wall,
			{ point: { x: 1000, y: 2300 }, across: { ...mark!.across, at: 0 } },
			2,
			lead
		);
		expect(high.across).deep.include({ to: 'the right corner', exact: wall.width - 1000 + 2 });
	});
});
