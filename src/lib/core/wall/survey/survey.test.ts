import { expect } from 'chai';
import { startFeature, startWall } from '../../model/start.ts';
import type { Wall } from '../../model/wall.ts';
import { surveyFaults, wallCautions } from './cautions.ts';
import { ceilingFall, errorOff, floorFall } from './fall.ts';
import { ceilingAt, floorAt, wallTop } from './outline.ts';
import { proofsOf } from './proofs.ts';
import { downAt, slopeTo } from './slope.ts';
import { rakeOf, stairsSpan, treadAt } from './stairs.ts';

let made = 0;
const newId = () => `id-${made++}`;
const wallWith = (facts: Partial<Wall>): Wall => ({
	...startWall(newId, { name: 'Wall', width: 4000, height: 2400 }),
	...facts
});
const codes = (cautions: { code: string }[]) => cautions.map(({ code }) => code);

/** Read from a level line 1200 up: by hand, floor = 1200 - down, ceiling = 1200 + up. */
const crooked = wallWith({
	levels: {
		line: 1200,
		readings: [
			{ id: 'b', x: 4000, down: 1224, up: 1170 },
			{ id: 'a', x: 2000, down: 1206, up: null }
		]
	}
});

describe('the outline of a wall', () => {
	it('has its floor and ceiling where the level line was read', () => {
		const floor = [0, 1000, 2000, 3000, 4000].map((x) => floorAt(crooked, x));
		expect(floor).deep.equal([0, -3, -6, -15, -24]);
		expect([0, 2000, 4000].map((x) => ceilingAt(crooked, x))).deep.equal([2400, 2385, 2370]);
	});

	it('slopes, and has gables', () => {
		const sloped = wallWith({ ceiling: [{ x: 4000, y: 1400 }] });
		expect(ceilingAt(sloped, 1000)).equal(2150);
		const gable = wallWith({
			ceiling: [
				{ x: 2000, y: 3600 },
				{ x: 4000, y: 2400 }
			]
		});
		expect(ceilingAt(gable, 1000)).equal(3000);
		expect(wallTop(gable)).equal(3600);
		expect(wallTop(sloped)).equal(2400);
	});

	it('has stairs along its foot, whose treads are the floor there', () => {
		const stairs = { x: 1000, up: 'right', rise: 180, going: 250, steps: 4 } as const;
		const wall = wallWith({ stairs });
		const floor = [999, 1000, 1249, 1250, 1750, 3000].map((x) => floorAt(wall, x));
		expect(floor).deep.equal([0, 180, 180, 360, 720, 720]);
		expect(stairsSpan(stairs)).deep.equal([1000, 2000]);
		expect(stairsSpan({ ...stairs, up: 'left' })).deep.equal([0, 1000]);
		expect(treadAt({ ...stairs, up: 'left' }, 900)).equal(180);
		expect(treadAt({ ...stairs, up: 'left' }, 1100)).equal(0);
		// A 3-4-5 triangle: rise 3, going 4.
		expect(rakeOf({ ...stairs, rise: 150, going: 200 })).closeTo(36.87, 0.01);
	});
});

describe('what a crooked room does', () => {
	it('shows the fall of floor and ceiling', () => {
		expect(floorFall(crooked)).deep.equal({
			across: -24,
			high: { x: 0, y: 0 },
			low: { x: 4000, y: -24 }
		});
		expect(ceilingFall(crooked).across).equal(-30);
	});

	it('says how far a row measured off the ceiling or the floor would run out of level', () => {
		// Ceiling 2392.5 at 1000 and 2377.5 at 3000; floor -3 and -15.
		expect(errorOff('ceiling', crooked, [1000, 3000]).value).closeTo(15, 1e-9);
		expect(errorOff('floor', crooked, [1000, 3000]).value).closeTo(12, 1e-9);
		// A ridge within the stretch counts too.
		const gable = wallWith({
			ceiling: [
				{ x: 2000, y: 3600 },
				{ x: 4000, y: 2400 }
			]
		});
		expect(errorOff('ceiling', gable, [1000, 3000]).value).closeTo(600, 1e-9);
	});
});

describe('a level laid on the floor', () => {
	it('tells the floor where the level line is not read, and back', () => {
		// By hand: tan 1° = 0.017455; over 4000 mm the floor rises 69.8.
		expect(downAt({ line: 1200, degrees: 1, x: 4000 })).closeTo(1200 - 69.82, 0.01);
		expect(slopeTo({ line: 1200, down: 1200 - 69.82, x: 4000 })).closeTo(1, 1e-3);
		expect(slopeTo({ line: 1200, down: 1190, x: 0 })).equal(0);
	});
});

describe('proving a survey', () => {
	it('expects what the survey says, and is content within a tape’s reading', () => {
		const [width, height, diagonal] = proofsOf(
			wallWith({ width: 4000, height: 3000, proof: { width: 4001, height: 2999, diagonal: 5002 } })
		);
		expect(width!.expected.value).equal(4000);
		expect(height!.expected.value).equal(3000);
		expect(diagonal!.expected.value).equal(5000);
		for (const proof of [width, height, diagonal]) expect(proof!.verdict!.agrees).equal(true);
		expect(proofsOf(crooked).map(({ verdict }) => verdict)).deep.equal([null, null, null]);
		// 2370 less -24 at the right end.
		expect(proofsOf(crooked)[1]!.expected.value).equal(2394);
	});

	it('says what a wrong one shows: a corner out of plumb by diagonal’s error times diagonal over width', () => {
		const [, , diagonal] = proofsOf(
			wallWith({ width: 4000, height: 3000, proof: { width: null, height: null, diagonal: 5016 } })
		);
		expect(diagonal!.verdict!.agrees).equal(false);
		// A top corner 20 mm farther out: √(4020² + 3000²) = 5016.0 mm.
		expect(Math.hypot(4020, 3000)).closeTo(5016, 0.1);
		expect(diagonal!.verdict!.text).contain('{20 mm} farther out');
	});
});

describe('what does not agree in a survey', () => {
	it('is told where it is', () => {
		const door = { ...startFeature(newId, 'door', crooked), x: 3500 };
		const socket = { ...startFeature(newId, 'socket', crooked), x: 3600, y: 300 };
		const sofa = { ...startFeature(newId, 'furniture', crooked), x: 3300 };
		const faults = surveyFaults({ ...crooked, features: [door, socket, sofa] });
		expect(faults.map(({ code, path }) => `${code} ${path}`)).deep.equal([
			`feature-outside ${door.id}`,
			`feature-outside ${sofa.id}`,
			`features-overlap ${socket.id}`
		]);
		expect(surveyFaults(crooked)).deep.equal([]);
	});

	it('is found in readings that contradict each other', () => {
		const readings = [
			{ id: 'a', x: 0, down: 1190, up: 1230 },
			{ id: 'b', x: 9000, down: 1200, up: null }
		];
		expect(codes(surveyFaults(wallWith({ levels: { line: 1200, readings } })))).deep.equal([
			'line-disagrees',
			'height-disagrees',
			'reading-outside'
		]);
		const stairs = { x: 5000, up: 'left', rise: 180, going: 250, steps: 3 } as const;
		expect(codes(surveyFaults(wallWith({ stairs })))).deep.equal(['stairs-outside']);
	});
});

describe('what a wall calls for', () => {
	const madeOf = (of: Wall['made']['of'], age: Wall['made']['age'], more: Partial<Wall> = {}) =>
		wallCautions(wallWith({ made: { of, board: null, surface: 'smooth', age }, ...more }));

	it('is care for lead and asbestos where plaster and paint are old, and a stop where they are suspect', () => {
		const graded = (cautions: { code: string; grade: string }[]) =>
			cautions.filter(({ code }) => code === 'old-coatings').map(({ grade }) => grade);
		expect(graded(madeOf('board-timber', 'before-1990'))).deep.equal(['care']);
		expect(graded(madeOf('lath-plaster', 'before-1990'))).deep.equal(['stop']);
		expect(graded(madeOf('board-timber', 'since-1990'))).deep.equal([]);
		expect(codes(madeOf('brick', 'unknown'))).include('age-unknown');
	});

	it('names the depth a screw may go into a stud, where there are studs', () => {
		expect(codes(madeOf('board-timber', 'since-1990'))).include('stud-depth');
		expect(codes(madeOf('concrete', 'since-1990'))).not.include('stud-depth');
		expect(codes(madeOf('concrete', 'since-1990'))).include('tensioned-steel');
	});

	it('stops before a wet room, and says how much light paper bears', () => {
		const grade = (wet: Wall['wet']) =>
			madeOf('brick', 'since-1990', { wet }).find(({ code }) => code === 'wet-room')?.grade;
		expect([grade([]), grade(['above']), grade(['behind'])]).deep.equal([
			undefined,
			'care',
			'stop'
		]);
		// CIE 157:2004: 50 lux for paper, 200 for oils.
		const lit = (lux: number) =>
			codes(madeOf('brick', 'since-1990', { lux })).filter((code) => code.includes('bright'));
		expect([lit(50), lit(51), lit(200), lit(201)]).deep.equal([
			[],
			['bright'],
			['bright'],
			['very-bright']
		]);
	});
});
