import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import type { Project } from '../model/project.ts';
import { boxHints, studFacts } from './stud-facts.ts';
import { planWallFast } from './plan-wall-fast.ts';
import { planWall, type FullPlan } from './plan-wall.ts';

function planned(wallId: string, change?: (project: Project) => void): FullPlan {
	const project = structuredClone(DEMO);
	change?.(project);
	const plan = planWall(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
}

describe('the bones of the demo’s walls', () => {
	it('are studs 16 in apart in the stair hall, its own phase between the doors', () => {
		const { bones } = planned('stair-hall');
		if (!bones?.estimate.ok) throw new Error('no estimate');
		const { pitch, known, studs, setAside } = bones.estimate.value;
		expect(pitch).equal(406.4);
		expect(known).equal(true);
		const inches = studs.map(({ x }) => Math.round((x / 25.4) * 2) / 2);
		expect(inches).deep.equal([52.5, 68.5, 84.5, 100.5, 116.5]);
		// The switch, the first of the boxes, is beside the street door.
		expect(setAside).deep.equal([DEMO.walls[0]!.hints.length]);
	});

	it('are studs 16 in apart in the tea room, and none in the brick of the loft', () => {
		const { bones } = planned('tea-room');
		if (!bones?.estimate.ok) throw new Error('no estimate');
		expect(bones.estimate.value.pitch).equal(406.4);
		expect(bones.estimate.value.studs[0]!.x / 25.4).closeTo(10, 0.5);
		expect(planned('net-loft').bones).equal(null);
	});

	it('leave boxes that came later out of the hints', () => {
		const wall = DEMO.walls[0]!;
		expect(boxHints(wall.features)).length(2);
		const later = wall.features.map((feature) =>
			feature.kind === 'socket' ? { ...feature, later: true } : feature
		);
		expect(boxHints(later)).length(1);
		expect(studFacts({ ...wall, features: later }, DEMO.houseRules).hints).length(
			wall.hints.length + 1
		);
		expect(studFacts({ ...wall }, DEMO.houseRules)).equal(studFacts(wall, DEMO.houseRules));
	});
});

describe('a hole where something may run', () => {
	const socketUnder = (project: Project) => {
		const socket = project.walls[0]!.features.find(({ id }) => id === 'socket')!;
		// Straight under the middle hook of D, 109 in along.
		socket.x = 108 * 25.4;
	};

	it('gets a stop that says why, by its letter', () => {
		const { cautions } = planned('stair-hall', socketUnder);
		const over = cautions.filter(({ caution }) => caution.code === 'over-cable');
		expect(over.map(({ pieceId, caution }) => `${pieceId} ${caution.grade}`)).deep.equal([
			'piece-d stop',
			'piece-f stop'
		]);
		expect(over[0]!.caution.message).contain('D’s hole may meet a cable straight up or down');
		expect(over[0]!.caution.remedy).contain('licensed electrician');
	});

	it('is told in the page’s plan as in the whole', () => {
		const project = structuredClone(DEMO);
		socketUnder(project);
		const page = planWallFast(project, 'stair-hall');
		const { bones, ...rest } = planned('stair-hall', socketUnder);
		expect(bones).not.equal(null);
		expect(page.ok && page.value.cautions).deep.equal(rest.cautions);
	});

	it('is no matter for what makes no hole', () => {
		const { cautions } = planned('stair-hall', (project) => {
			socketUnder(project);
			for (const piece of project.pieces) if (piece.letter === 'D') piece.hook = 'adhesive-strip';
		});
		expect(
			cautions.some(
				({ pieceId, caution }) => pieceId === 'piece-d' && caution.code === 'over-cable'
			)
		).equal(false);
	});
});
