import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import type { Project } from '../model/project.ts';
import { startBack, startPiece, startPlacement, startProject } from '../model/start.ts';
import { usualHouseRules } from '../model/house-rules.ts';
import type { Placement } from '../model/wall.ts';
import { hookHeight } from '../piece/statics/hook-height.ts';
import type { WallPlan } from './plan-wall-fast.ts';
import { planWall } from './plan-wall.ts';
import { stationNotes } from '../day/stations.ts';

const inch = (value: number) => value * 25.4;
let count = 0;
const newId = () => `id-${count++}`;

/** A wall 148 by 96 in with one 24 by 30 in picture, its wire read at 4 3/4 in. */
function onePicture(height: Placement['height'] = { from: 'house' }): Project {
	const project = startProject(newId, new Date(0), {
		name: 'Test',
		wall: { name: 'Wall', width: inch(148), height: inch(96) },
		houseRules: usualHouseRules
	});
	const piece = startPiece(newId, [], { width: inch(24), height: inch(30), weight: 6 });
	piece.back = {
		kind: 'wire-one',
		ringSpan: inch(16),
		ringDrop: inch(8),
		ringLower: null,
		points: { by: 'strap', screws: 2, screwLength: null },
		wire: { by: 'pull', pulledDrop: inch(4.75), fingerSpacing: 0 },
		assumed: []
	};
	project.pieces = [piece];
	project.walls[0]!.arrangements[0]!.placements = [startPlacement(piece.id, inch(74), height)];
	return project;
}

function planned(project: Project): WallPlan {
	const plan = planWall(project, project.walls[0]!.id);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
}

describe('planWall', () => {
	it('hangs the picture by the house centre height, the hole above the bearing', () => {
		const [hook] = planned(onePicture()).pieces[0]!.hooks;
		expect(hook!.bearing.y / 25.4).closeTo(67.25, 1e-9);
		expect(hook!.bearing.x / 25.4).closeTo(74, 1e-9);
		expect(hook!.hole.y - hook!.bearing.y).equal(19);
	});

	it('agrees with hookHeight for centre, top and bottom', () => {
		for (const from of ['centre', 'top', 'bottom'] as const) {
			const [piece] = planned(onePicture({ from, at: inch(60) })).pieces;
			const expected = hookHeight({ from, at: inch(60), height: inch(30), drop: inch(4.75) });
			expect(piece!.hooks[0]!.bearing.y).closeTo(expected, 1e-9);
		}
	});

	it('carries the centre line level over a crooked floor, from the middle of the group', () => {
		const project = onePicture();
		project.walls[0]!.levels = {
			line: inch(40),
			readings: [{ id: 'end', x: inch(148), down: inch(41), up: null }]
		};
		const plan = planned(project);
		expect(plan.centreLine.y / 25.4).closeTo(56.5, 1e-9);
		expect(plan.pieces[0]!.hooks[0]!.bearing.y / 25.4).closeTo(66.75, 1e-9);
		const [mark] = plan.marks;
		// From the floor under the hook, half an inch lower than the level datum.
		expect(mark!.bearingUp.exact.value / 25.4).closeTo(67.25, 1e-9);
	});

	it('follows the person’s own hook', () => {
		const project = onePicture();
		project.kit = { 'picture-hook-1': { dy: 25, rating: null, standOff: null, stock: null } };
		const [hook] = planned(project).pieces[0]!.hooks;
		expect(hook!.hole.y - hook!.bearing.y).equal(25);
	});

	it('gives no mark for an impossible back, and says why', () => {
		const project = onePicture();
		project.pieces[0]!.back = { ...project.pieces[0]!.back, ringSpan: inch(30) } as never;
		const plan = planned(project);
		expect(plan.marks).deep.equal([]);
		expect(plan.pieces[0]!.trouble).include({ code: 'rings-wider-than-frame', path: 'ringSpan' });
	});

	it('knows no wall of another project', () => {
		expect(planWall(onePicture(), 'elsewhere')).nested.include({ 'error.code': 'no-such-wall' });
	});

	it('keeps the plan of what did not change', () => {
		const project = onePicture();
		const again = { ...project, name: 'Renamed', revision: 1 };
		expect(planned(again).pieces[0]).equal(planned(project).pieces[0]);
	});

	it('warns of pieces that overlap, leave the wall or cover a feature', () => {
		const codes = (change: (project: Project) => void) => {
			const project = JSON.parse(JSON.stringify(DEMO)) as Project;
			change(project);
			return planned(project).cautions.map(({ caution }) => caution.code);
		};
		const crowded = ['pieces-overlap', 'off-wall', 'over-feature'];
		expect(codes(() => undefined).filter((code) => crowded.includes(code))).deep.equal([]);
		const placement = (project: Project, index: number) =>
			project.walls[0]!.arrangements[0]!.placements[index]!;
		expect(codes((project) => (placement(project, 3).x += 100))).include('pieces-overlap');
		expect(codes((project) => (placement(project, 0).x = 10))).include.members([
			'off-wall',
			'over-feature'
		]);
	});

	it('gives the two hooks of rings the loads and heights of a mirror of 34 lb', () => {
		const project = structuredClone(DEMO);
		const mirror = project.pieces.find(({ letter }) => letter === 'C')!;
		const rings = { ringSpan: inch(20.25), ringDrop: inch(5), rightDrop: inch(5.125) };
		Object.assign(mirror, { weight: 34 * 0.45359237, back: startBack('rings', mirror) });
		Object.assign(mirror.back, rings);
		const [left, right] = planned(project).pieces.find(({ letter }) => letter === 'C')!.hooks;
		// Common practice: bottom 7 in above a 32 in table; 39 + 38 - 5 = 72 in.
		expect(left!.bearing.y / 25.4).closeTo(72, 1e-9);
		expect((left!.bearing.y - right!.bearing.y) / 25.4).closeTo(0.125, 1e-9);
		// 34 lb shared: 17 lbf is 75.6 N.
		expect(left!.load!.down.value).closeTo(17 * 4.4482216152605, 1e-6);
		expect(left!.load!.pull.value).greaterThan(0);
	});
});

describe('stationNotes', () => {
	it('says what each station lacks', () => {
		const notes = stationNotes(DEMO, planned(DEMO));
		expect(notes.rack).deep.equal({ ready: false, text: '1 to measure' });
		expect(notes.arrange.text).equal('4 to place');
		expect(notes.mark).deep.equal({ ready: true, text: '10 marks' });
		const project = onePicture();
		project.pieces[0]!.weight = null;
		expect(stationNotes(project, planned(project)).fix.text).equal('1 to weigh');
		project.pieces = [];
		expect(stationNotes(project, planned(project)).rack.text).equal('no pieces');
	});
});

describe('startBack', () => {
	it('carries a measured wire over to two hooks', () => {
		const { back } = onePicture().pieces[0]!;
		const two = startBack('wire-two', { width: inch(24), height: inch(30) }, back);
		expect(two).deep.include({ ringSpan: inch(16), ringDrop: inch(8), hookSpacing: inch(8) });
		expect(two.assumed).deep.equal(['hookSpacing']);
	});
});
