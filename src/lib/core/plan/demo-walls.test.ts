import { expect } from 'chai';
import { DEMO } from '../../store/demo/index.ts';
import type { Project } from '../model/project.ts';
import { rulesOn, usualHouseRules } from '../model/house-rules.ts';
import { formatLength } from '../base/units/index.ts';
import { stylesOf } from '../marking/marks/styles.ts';
import type { WallPlan } from './plan-wall-fast.ts';
import { planWall } from './plan-wall.ts';
import { stationNotes } from '../day/stations.ts';

function planned(wallId: string, change?: (project: Project) => void): WallPlan {
	const project = JSON.parse(JSON.stringify(DEMO)) as Project;
	change?.(project);
	const plan = planWall(project, wallId);
	if (!plan.ok) throw new Error(plan.error.message);
	return plan.value;
}

const hooksOf = (plan: WallPlan, letter: string) =>
	plan.pieces.find((piece) => piece.letter === letter)!.hooks;
const inches = (mm: number) => Math.round((mm / 25.4) * 1e6) / 1e6;
const whole = (mm: number) => Math.round(mm * 1e6) / 1e6;

/**
 * Letter → bearings in inches from the left corner and the level line. By hand: middle of the piece and the point on its
 * back; top = centre + H/2; bearing = top - drop. Common practice.
 */
const TEA_ROOM: [string, [x: number, y: number][]][] = [
	// Centre 57, top 67, rings 4 down and 11 apart.
	[
		'I',
		[
			[86.5, 63],
			[97.5, 63]
		]
	],
	// Centre 57, top 64 1/2, one ring 1 1/2 down.
	['J', [[76, 63]]],
	// Top 64 1/2, loop 3/4 down.
	['K', [[108, 63.75]]],
	// A plate 10 in across at 58: top 63, arch 1 1/8 down.
	['L', [[22, 61.875]]],
	// 8 1/2 across at 60: top 64 1/4.
	['M', [[34, 63.125]]],
	// 8 in high at 58: top 62.
	['N', [[47, 60.875]]],
	// An oar 6 in deep at 78: top 81, rings 2 1/4 down and 40 apart.
	[
		'O',
		[
			[64, 78.75],
			[104, 78.75]
		]
	],
	// A sign 9 in high at 38: top 42 1/2, roof of the 3/8 holes 1 13/16 down, 2 in from the sides.
	[
		'Q',
		[
			[85, 40.6875],
			[99, 40.6875]
		]
	],
	// A rack 11 in high at 45: top 50 1/2, slots 1 1/4 down and 11 apart.
	[
		'R',
		[
			[28.5, 49.25],
			[39.5, 49.25]
		]
	]
];

describe('the tea room', () => {
	const plan = planned('tea-room');

	it('hangs every piece where the sums say', () => {
		for (const [letter, points] of TEA_ROOM)
			expect(
				hooksOf(plan, letter).map(({ bearing }) => [inches(bearing.x), inches(bearing.y)]),
				letter
			).deep.equal(points);
	});

	it('cuts the cords from the top of the rail', () => {
		// Rail at 86, bearings at 63.
		expect(hooksOf(plan, 'I').map(({ cord }) => inches(cord!.value))).deep.equal([23, 23]);
		const mark = plan.marks.find(({ letter }) => letter === 'I')!;
		expect(mark).include({ puts: 'cord', hook: 'rail-hook' });
		expect(inches(mark.cord!.value)).equal(23);
		expect(mark.hole).deep.equal(mark.bearing);
		expect(hooksOf(plan, 'J').every(({ cord }) => cord !== null)).equal(true);
		expect(hooksOf(plan, 'L').every(({ cord }) => cord === null)).equal(true);
	});

	it('says when there is no rail, or the piece would hang above it', () => {
		const codes = (rail: number | null) =>
			planned('tea-room', (project) => (project.walls[1]!.rail = rail))
				.cautions.filter(({ pieceId }) => pieceId === 'piece-i')
				.map(({ caution }) => caution.code);
		expect(codes(null)).include('no-rail');
		expect(codes(1500)).include('above-rail');
		expect(codes(2184.4).filter((code) => code.endsWith('rail'))).deep.equal([]);
	});

	it('loads the oar’s hooks by where it balances', () => {
		// 7 lb, 4 in left of the middle, hooks 40 in apart: 7(1/2 + 4/40) and 7(1/2 - 4/40).
		const [left, right] = hooksOf(plan, 'O').map(({ load }) => load!.down.value / 4.4482216152605);
		expect(left).closeTo(4.2, 1e-9);
		expect(right).closeTo(2.8, 1e-9);
	});
});

/** Letter → bearings and holes in mm, the same way. The centre line is 1447.8 above the floor under the row. */
describe('the net loft', () => {
	const plan = planned('net-loft');
	/** The floor rises 18 in 6400; the row reaches from 700 to 4480, its middle at 2590. */
	const centre = 1447.8 + (18 * 2590) / 6400;

	it('carries the centre line level from the floor under the row', () => {
		expect(plan.centreLine.y).closeTo(centre, 1e-9);
	});

	it('hangs clips, plates and cleat where the sums say', () => {
		const bearing = (letter: string) =>
			hooksOf(plan, letter).map(({ bearing }) => [whole(bearing.x), whole(bearing.y - centre)]);
		// 480 high: top 240 above the line; clips 38 down and 480 apart; lock 12 above the bottom.
		expect(bearing('T')).deep.equal([
			[460, 202],
			[940, 202],
			[700, -228]
		]);
		expect(bearing('U')[1]).deep.equal([1640, 201]);
		// Plates half way down, 12 beyond each edge of 640.
		expect(bearing('V')).deep.equal([
			[1768, 0],
			[2432, 0]
		]);
		expect(bearing('W')[1]).deep.equal([3162, -2]);
		// Cleat 60 down, screws 320 apart; the holes 12 below.
		expect(bearing('X')).deep.equal([
			[3400, 180],
			[3720, 180]
		]);
		const [screw] = hooksOf(plan, 'X');
		expect(screw!.hole.y - screw!.bearing.y).closeTo(-12, 1e-9);
		// A canvas 600 high: top 300 above, bar 38 down, hooks 450 apart.
		expect(bearing('Y')).deep.equal([
			[4255, 262],
			[4705, 262]
		]);
	});

	it('marks in millimetres on a wall that leads with them, and in inches elsewhere', () => {
		const loft = DEMO.walls[2]!;
		const { lead } = stylesOf(rulesOn(DEMO.houseRules, loft.units));
		expect(lead.unit).equal('mm');
		const mark = plan.marks.find(({ letter }) => letter === 'V')!;
		// From the door casing at 5400: 5400 - 1768.
		expect(formatLength(mark.across.printed, lead)).equal('3632 mm');
		expect(mark.across.way).equal('left of');
		const ticks = planned('stair-hall').marks[0]!.across.printed / (25.4 / 32);
		expect(ticks).closeTo(Math.round(ticks), 1e-6);
	});

	it('reads each height from the floor under its own piece', () => {
		const of = (letter: string) => plan.marks.find((mark) => mark.letter === letter)!;
		const floor = (x: number) => (18 * x) / 6400;
		for (const [letter, x] of [
			['T', 460],
			['V', 1768],
			['Y', 4255]
		] as const) {
			const mark = of(letter);
			expect(mark.bearingUp.exact.value).closeTo(mark.bearing.y - floor(x), 1e-6);
		}
	});
});

describe('rulesOn', () => {
	it('changes the units only, and stays the same object for the same rules', () => {
		const metric = rulesOn(usualHouseRules, 'mm');
		expect(metric).deep.equal({ ...usualHouseRules, units: 'mm' });
		expect(rulesOn(usualHouseRules, 'mm')).equal(metric);
		expect(rulesOn(usualHouseRules, 'in')).equal(usualHouseRules);
		expect(rulesOn(usualHouseRules, null)).equal(usualHouseRules);
	});
});

describe('stationNotes on the other walls', () => {
	it('count marks of their own wall, and what is loose anywhere', () => {
		const notes = stationNotes(DEMO, planned('net-loft'));
		// 3 + 3 + 2 + 2 + 2 + 2.
		expect(notes.mark).deep.equal({ ready: true, text: '14 marks' });
		expect(notes.arrange.text).equal('4 to place');
		expect(stationNotes(DEMO, planned('tea-room')).mark.text).equal('13 marks');
	});

	it('ask for a weight where none is known, and are content with an estimate', () => {
		const bare = (project: Project) => {
			for (const piece of project.pieces) if (piece.letter === 'Y') piece.weight = null;
		};
		const lacking = planned('net-loft', bare);
		expect(stationNotes(DEMO, lacking).fix.text).equal('1 to weigh');
		const estimated = planned('net-loft', (project) => {
			bare(project);
			for (const piece of project.pieces)
				if (piece.letter === 'Y')
					piece.build = {
						moulding: 'pine',
						body: null,
						profile: 0.9,
						glazing: 'none',
						backing: 'none',
						content: 'canvas',
						mount: null,
						hardware: 0.1
					};
		});
		expect(stationNotes(DEMO, estimated).fix.text).equal('6 to choose');
		expect(hooksOf(estimated, 'Y')[0]!.load!.down.value).greaterThan(5);
	});
});
