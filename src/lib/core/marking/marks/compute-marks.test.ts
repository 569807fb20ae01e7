import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import type { Project } from '../../model/project.ts';
import type { AcrossDatum, UpDatum } from '../../model/wall.ts';
import { planWall } from '../../plan/plan-wall.ts';
import { formatLength, tickOf } from '../../base/units/index.ts';
import { writeSum } from '../../base/derived.ts';
import { acrossDatums, datumKey, findDatum, upDatums } from './datum.ts';
import { stylesOf } from './styles.ts';

function marksFrom(
	tape: { across?: AcrossDatum; up?: UpDatum; chain?: boolean },
	change?: (p: Project) => void
) {
	const project = JSON.parse(JSON.stringify(DEMO)) as Project;
	Object.assign(project.walls[0]!.tape, tape);
	change?.(project);
	const plan = planWall(project, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	return { ...plan.value, project };
}

const inches = (mm: number) => mm / 25.4;

describe('schedule', () => {
	it('reads every mark from either corner, the two adding up to the wall', () => {
		const left = marksFrom({ across: { from: 'left-corner' } }).marks;
		const right = marksFrom({ across: { from: 'right-corner' } }).marks;
		for (const [index, mark] of left.entries()) {
			expect(mark.across.way).equal('right of');
			expect(right[index]!.across.way).equal('left of');
			expect(inches(mark.across.exact.value + right[index]!.across.exact.value)).closeTo(168, 1e-9);
		}
	});

	it('adds what the person’s own tape reads too much, where it is hooked', () => {
		const off = (project: Project) => (project.houseRules.tapeHook = 1.5875);
		const corner = { across: { from: 'right-corner' } as const, up: { from: 'ceiling' } as const };
		const [good, bent] = [marksFrom(corner).marks, marksFrom(corner, off).marks];
		for (const [index, mark] of bent.entries()) {
			expect(mark.across.exact.value - good[index]!.across.exact.value).closeTo(1.5875, 1e-9);
			expect(mark.across.printed - good[index]!.across.printed).closeTo(1.5875, 1e-9);
			expect(mark.up.exact.value - good[index]!.up.exact.value).closeTo(1.5875, 1e-9);
			expect(mark.up.exact.sum.at(-1)!.label).equal('your tape’s hook');
		}
		const line = { up: { from: 'level-line' } as const };
		expect(marksFrom(line, off).marks[0]!.up.exact.value).equal(
			marksFrom(line).marks[0]!.up.exact.value
		);
	});

	it('turns round where the tape is hooked between the marks', () => {
		const { marks } = marksFrom({ across: { from: 'piece', id: 'piece-c', edge: 'left' } });
		const of = (letter: string) => marks.find((mark) => mark.letter === letter)!;
		expect(of('A').across.way).equal('left of');
		// Middle of A at 55, its left hook 3 3/4 left of it, the mirror's left edge at 70.
		expect(inches(of('A').across.exact.value)).closeTo(18.75, 1e-9);
		expect(of('D').across.way).equal('right of');
		expect(of('D').across.datum).equal('piece C, left edge');
	});

	it('measures up, down from the ceiling over, and up from the floor under each mark', () => {
		const level = marksFrom({ up: { from: 'level-line' } }).marks[0]!;
		const ceiling = marksFrom({ up: { from: 'ceiling' } }).marks[0]!;
		expect(ceiling.up.way).equal('down from');
		// The ceiling was read 1/8 in lower at 84 in than at the left end: at 51 1/4 in it is 0.0763 in lower.
		expect(inches(level.up.exact.value + ceiling.up.exact.value)).closeTo(
			96 - 0.125 * (51.25 / 84),
			1e-9
		);
		const floor = marksFrom({ up: { from: 'floor-here' } }).marks[0]!;
		// The floor falls 1/2 in over 168: at 51 1/4 in it is 0.1525 in low.
		expect(inches(floor.up.exact.value - level.up.exact.value)).closeTo(0.5 * (51.25 / 168), 1e-9);
	});

	it('has the sum of each reading equal to it, term by term', () => {
		const datums: UpDatum[] = [
			{ from: 'floor-here' },
			{ from: 'ceiling' },
			{ from: 'centre-line' }
		];
		for (const up of datums)
			for (const { across, up: reading } of marksFrom({ up }).marks)
				for (const { exact } of [across, reading]) {
					const total = exact.sum.reduce((sum, t) => sum + (t.sign * t.value) / (t.over ?? 1), 0);
					expect(total).closeTo(exact.value, 1e-9);
				}
	});

	it('rounds the hooks of one piece as one set, to the tape’s tick', () => {
		const { marks, project } = marksFrom({ across: { from: 'left-corner' } });
		const { lead } = stylesOf(project.houseRules);
		for (const mark of marks) {
			expect(mark.across.printed / tickOf(lead)).closeTo(
				Math.round(mark.across.printed / tickOf(lead)),
				1e-6
			);
			expect(Math.abs(mark.up.printed - mark.up.exact.value)).at.most(tickOf(lead) / 2 + 1e-6);
		}
		const pair = marks.filter(({ letter }) => letter === 'A');
		expect(inches(pair[1]!.across.printed - pair[0]!.across.printed)).closeTo(7.5, 1e-9);
		expect(new Set(pair.map(({ up }) => formatLength(up.printed, lead))).size).equal(1);
		expect(pair[1]!.up.datum).equal('the floor under the left hook');
	});

	it('says when rounding passes the tolerance', () => {
		const coarse = marksFrom({}, (project) => {
			project.houseRules.tapeFraction = 2;
			project.houseRules.tolerance = 0.5;
		}).marks;
		expect(coarse.some(({ up }) => up.roundingError !== null)).equal(true);
		const fine = marksFrom({}).marks;
		expect(fine.every(({ up, across }) => !up.roundingError && !across.roundingError)).equal(true);
	});

	it('prints a sum a person can follow', () => {
		const mark = marksFrom({
			up: { from: 'level-line' },
			across: { from: 'left-corner' }
		}).marks.find(({ letter }) => letter === 'D')!;
		const { lead } = stylesOf(DEMO.houseRules);
		expect(writeSum(mark.across.exact.sum, lead, mark.across.printed)).equal('109"');
		expect(writeSum(mark.bearingUp.exact.sum, lead, mark.bearingUp.printed)).equal(
			'64 3/4" + 14"/2 - 5/8" = 71 1/8"'
		);
	});

	it('keeps the hooks of a piece together, and walks from left to right', () => {
		const letters = marksFrom({}).marks.map(({ letter }) => letter);
		expect(letters.join('')).equal('AABBCCDFEG');
	});
});

describe('datums', () => {
	const plan = marksFrom({});
	const datums = {
		wall: plan.project.walls[0]!,
		pieces: plan.pieces,
		centreLineY: plan.centreLine.y
	};

	it('have keys of their own and words of their own', () => {
		for (const list of [acrossDatums(datums), upDatums(datums)]) {
			const keys = list.map(({ datum }) => datumKey(datum));
			const labels = list.map(({ label }) => label);
			expect(new Set(keys).size).equal(list.length);
			expect(new Set(labels).size).equal(list.length);
		}
	});

	it('fall back to the first when theirs is gone', () => {
		const list = acrossDatums(datums);
		expect(findDatum(list, { from: 'feature', id: 'gone', edge: 'left' })).equal(list[0]);
		const door = findDatum(list, { from: 'feature', id: 'street-door', edge: 'right' });
		expect(inches(door.at)).closeTo(38, 1e-9);
		expect(door.label).equal('the street door casing, right edge');
	});

	it('reads a group from one solid edge, the nearest to it on the whole', () => {
		const { marks, project } = marksFrom({ across: { from: 'nearest' } });
		const [{ width, features }] = project.walls as [Project['walls'][number]];
		const solid = features.filter(({ kind }) => kind === 'door' || kind === 'window');
		const edges = [0, width, ...solid.flatMap(({ x, width }) => [x, x + width])];
		// The hall is hung as one group, its pieces a hand apart.
		const [at, ...others] = new Set(marks.map(({ across }) => across.at));
		expect(others).deep.equal([]);
		const firsts = marks.filter(({ levelWith }) => !levelWith);
		const away = (from: number) =>
			firsts.reduce((sum, { point }) => sum + Math.abs(point.x - from), 0);
		expect(away(at!)).closeTo(Math.min(...edges.map(away)), 1e-9);
		for (const { across, point } of firsts)
			expect(across.exact.value).closeTo(Math.abs(point.x - at!), 1e-9);
	});

	it('reads piece to piece alike, whatever the tape’s hook adds at the first edge', () => {
		const bent = (project: Project) => (project.houseRules.tapeHook = 1.5875);
		const tape = { across: { from: 'left-corner' } as const, chain: true };
		const [good, off] = [marksFrom(tape).marks, marksFrom(tape, bent).marks];
		const firsts = good.flatMap((mark, index) => (mark.levelWith ? [] : [index]));
		for (const [turn, index] of firsts.entries())
			expect(off[index]!.across.printed - good[index]!.across.printed, good[index]!.letter).closeTo(
				turn === 0 ? 1.5875 : 0,
				1e-9
			);
	});

	it('reads piece to piece, never adding up what is rounded, and less surely with each', () => {
		const coarse = (project: Project) => (project.houseRules.tapeFraction = 2);
		const { marks } = marksFrom({ across: { from: 'left-corner' }, chain: true }, coarse);
		const firsts = marks.filter(({ levelWith }) => !levelWith);
		expect(firsts[0]!.across.datum).equal('the left corner');
		const [first, second] = firsts;
		const before = marks[marks.indexOf(second!) - 1]!;
		expect(second!.across.datum).equal(`${before.letter}’s ${before.name}`);
		expect(second!.across.exact.value).closeTo(Math.abs(second!.hole.x - before.hole.x), 1e-9);
		let sure = 0;
		for (const { across, hole } of firsts) {
			// As a person marks it: from the mark before, by what the tape shows. Half of half an inch at most.
			const marked = across.at + (across.way === 'left of' ? -1 : 1) * across.printed;
			expect(Math.abs(marked - hole.x)).most(25.4 / 4 + 1e-6);
			expect(across.exact.plusMinus).above(sure);
			sure = across.exact.plusMinus;
		}
		expect(first!.across.exact.parts.map(({ label }) => label)).not.include('the marks before it');
	});
});
