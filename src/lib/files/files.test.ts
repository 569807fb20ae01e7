import { expect } from 'chai';
import Papa from 'papaparse';
import {
	howSure,
	planWall,
	rulesOn,
	startPlacement,
	unmeasuredOn,
	type Project
} from '../core/index.ts';
import { DEMO } from '../store/demo/index.ts';
import { fileName } from './file-name.ts';
import { marksCsv } from './marks-csv.ts';
import { toCsv } from './to-csv.ts';
import { marksJson } from './marks-json.ts';

function demo() {
	const plan = planWall(DEMO, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	return { marks: plan.value.marks, sure: howSure(DEMO, plan.value) };
}

describe('marksCsv', () => {
	it('reads back with every mark, its place and its sum', () => {
		const { marks, sure } = demo();
		const text = marksCsv(marks, DEMO.houseRules, sure);
		const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true });
		expect(errors).deep.equal([]);
		expect(data).lengthOf(marks.length);
		const [row] = data;
		expect(row).include({ piece: 'A', point: 'left hook', across: '13 1/4"' });
		expect(row!['across way']).equal('right of the street door casing, right edge');
		expect(Number(row!['height mm'])).closeTo(marks[0]!.up.exact.value, 5e-4);
		// A one-nail picture hook is held by its bearing; its nail goes in 19 mm above (from memory).
		expect(row!.marked).equal('bearing');
		expect(Number(row!['hole height mm']) - Number(row!['height mm'])).closeTo(19, 1e-3);
		const { up } = sure.get(marks[0]!.pieceId)!;
		expect(Number(row!['right within, up mm'])).closeTo(up, 0.05);
		const unread = new Set(data.filter((each) => each['not measured']).map(({ piece }) => piece));
		const assumed = DEMO.pieces.filter((each) => unmeasuredOn(each).length > 0);
		const here = new Set(data.map(({ piece }) => piece));
		expect([...unread]).deep.equal(
			assumed.map(({ letter }) => letter).filter((letter) => here.has(letter))
		);
		expect(row!['across sum']).equal('55" - 3 3/4" - 38" = 13 1/4"');
	});
});

describe('a CSV', () => {
	it('holds no formula of anybody’s, and reads back as it was', () => {
		const rows = ['=1+1', '+1', '-cmd', '@sum', '\tx', 'plain', '12.5'].map((name) => ({ name }));
		const { data } = Papa.parse<{ name: string }>(toCsv(rows), { header: true });
		expect(data.map(({ name }) => name)).deep.equal([
			...["'=1+1", "'+1", "'-cmd", "'@sum", "'\tx", 'plain', '12.5']
		]);
	});
});

describe('marksCsv of cords and strips', () => {
	const rowsOf = (wallId: string, change: (project: Project) => void = () => undefined) => {
		const project = JSON.parse(JSON.stringify(DEMO)) as Project;
		change(project);
		const plan = planWall(project, wallId);
		if (!plan.ok) throw new Error(plan.error.message);
		const wall = project.walls.find(({ id }) => id === wallId)!;
		const text = marksCsv(
			plan.value.marks,
			rulesOn(project.houseRules, wall.units),
			howSure(project, plan.value)
		);
		return Papa.parse<Record<string, string>>(text, { header: true }).data;
	};

	it('says what each mark is, and how long each cord', () => {
		const rows = rowsOf('tea-room');
		const of = (letter: string) => rows.find(({ piece }) => piece === letter)!;
		// Rail at 86, bearings at 63.
		expect(of('I')).include({ what: 'cord', 'cord from rail': '23"', point: 'left cord' });
		expect(of('L')).include({ what: 'hole', 'cord from rail': '' });
		const sign = rowsOf('tea-room', ({ walls }) => {
			walls[1]!.arrangements[0]!.placements.push(
				startPlacement('piece-s', 3000, { from: 'house' })
			);
		}).filter(({ piece }) => piece === 'S');
		expect(sign.map(({ what, point }) => `${what} ${point}`)).deep.equal([
			'strip strip 1',
			'strip strip 2'
		]);
	});

	it('leads with the units of its wall', () => {
		const [first] = rowsOf('net-loft');
		expect(first!.across).match(/ mm$/);
		expect(first!['across (other units)']).match(/"$/);
	});
});

describe('marksJson', () => {
	it('holds the marks in mm, with full precision', () => {
		const { marks, sure } = demo();
		const file = JSON.parse(marksJson(DEMO.walls[0]!, marks, sure)) as Record<string, unknown>;
		expect(file).include({ format: 'warm-porch-marks', unit: 'mm', wall: 'Stair hall' });
		const told = marks.map((mark) => ({ ...mark, sure: sure.get(mark.pieceId) }));
		expect(file.marks).deep.equal(JSON.parse(JSON.stringify(told)));
	});
});

describe('fileName', () => {
	it('is plain and sorts', () => {
		expect(fileName(['Ferry House', 'Stair hall', 'marks'], 'csv')).equal(
			'ferry-house-stair-hall-marks.csv'
		);
		expect(fileName(['Café / № 3?'], 'json')).equal('cafe-no-3.json');
		expect(fileName(['???'], 'json')).equal('warm-porch.json');
	});
});
