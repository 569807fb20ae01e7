import { expect } from 'chai';
import { DEMO } from '../../../store/demo/index.ts';
import { MET, type Met } from '../../model/day.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { hangPiece } from '../../plan/hang.ts';
import { hungPiece } from '../../piece/hung-piece.ts';
import {
	bumperInstruction,
	heightInstruction,
	hooksInstruction,
	levelInstruction,
	oddReading
} from './came-out.ts';
import { STANDING_CAUTIONS } from '../../fixing/cautions/index.ts';
import { dayProofs, provedBy } from './prove.ts';
import { runSheet, type SheetStep } from './run-sheet.ts';
import { markAfter, spokenLength, spokenMark, spokenStep } from './spoken.ts';
import { dayState } from './state.ts';
import { TROUBLES } from './wrong.ts';

const INCHES = { unit: 'in', denominator: 16 } as const;

describe('a length read aloud', () => {
	it('is said as people say it', () => {
		const said = (inches: number) => spokenLength(inches * 25.4, INCHES);
		expect(said(72.875)).equal('72 and 7 eighths inches');
		expect(said(22.4375)).equal('22 and 7 sixteenths inches');
		expect(said(1)).equal('1 inch');
		expect(said(12)).equal('12 inches');
		expect(said(3.5)).equal('3 and a half inches');
		expect(said(0.0625)).equal('1 sixteenth of an inch');
		expect(said(0.5)).equal('a half inch');
		expect(said(0.3125)).equal('5 sixteenths of an inch');
		expect(said(0)).equal('0 inches');
		expect(said(-2.5)).equal('-2 and a half inches');
		expect(spokenLength(1851, { unit: 'mm', decimals: 0 })).equal('1851 millimetres');
	});

	it('tells a mark by what the tape shows, or by the one it is level with', () => {
		const plan = planWallFast(DEMO, 'stair-hall');
		const [left, right] = plan.ok ? plan.value.marks : [];
		expect(spokenMark(left!, INCHES)).match(
			/^A, left hook\. 13 and a quarter inches right of .* Then /
		);
		expect(spokenMark(right!, INCHES)).equal(
			'A, right hook. 7 and a half inches right of the left hook, level with it.'
		);
		const on = { ...left!, up: { ...left!.up, way: 'on' as const, datum: 'the line' } };
		expect(spokenMark(on, INCHES)).match(/ Then on the line\.$/);
	});
});

describe('a step read aloud', () => {
	const plan = planWallFast(DEMO, 'stair-hall');
	if (!plan.ok) throw new Error(plan.error.message);
	const facts = { project: DEMO, wall: DEMO.walls[0]!, plan: plan.value, fixes: [] };
	const sheetNow = () => runSheet(facts, dayState(DEMO.day, 'stair-hall'));
	const marksOf = (sheet: readonly SheetStep[]) =>
		sheet.filter(({ step }) => step.asks.of === 'mark');

	it('says first what forbids it, then what comes before, then what to do, lengths as they are said', () => {
		const sheet = sheetNow();
		const [item] = marksOf(sheet);
		const caution = {
			...{ code: 'over-pipe', grade: 'stop' as const },
			...{ message: 'A pipe runs {25.4 mm} from it.', remedy: 'Move the hook.' }
		};
		const stopped = { ...item!, step: { ...item!.step, cautions: [caution] } };
		expect(spokenStep(stopped, INCHES)).match(
			/^Stop\. A pipe runs 1 inch from it\. Move the hook\. First: The width again\. A, left hook\. 13 and a quarter/
		);
		const minds = { ...caution, grade: 'care' as const, code: 'ladder', message: 'A ladder.' };
		const minding = {
			...{ ...item!, waitsFor: [] },
			step: { ...item!.step, cautions: [minds, { ...minds, grade: 'note' as const }] }
		};
		expect(spokenStep(minding, INCHES)).match(/^Care\. A ladder\. A, left hook\./);
		const standing = {
			...item!,
			waitsFor: [],
			step: { ...item!.step, cautions: STANDING_CAUTIONS }
		};
		expect(spokenStep(standing, INCHES)).match(/^A, left hook\./);
		const proof = { ...sheet.find(({ step }) => step.id === 'prove:floor-left')!, waitsFor: [] };
		expect(spokenStep(proof, INCHES)).match(
			/^The floor under the leftmost hook\. At .* from the level line at 48 inches straight down to the floor\.$/
		);
	});

	it('of a mark leads on to the next that nobody ticked, and to none after the last', () => {
		const sheet = sheetNow();
		const marks = marksOf(sheet);
		const [first, second, third] = marks;
		expect(markAfter(sheet, first!.step.id)).equal(second);
		const mark = { state: 'done' as const, at: '', by: '', why: '' };
		const ticked = sheet.map((each) => (each === second ? { ...each, mark } : each));
		expect(markAfter(ticked, first!.step.id)).equal(third);
		expect(markAfter(sheet, marks.at(-1)!.step.id)).equal(null);
	});
});

describe('the wall proved on the day', () => {
	const wall = DEMO.walls[0]!;
	const plan = planWallFast(DEMO, wall.id);
	const proofs = () => dayProofs(wall, plan.ok ? plan.value.pieces : []);

	it('is its width, its height, and the floor under the outermost hooks', () => {
		expect(proofs().map(({ id }) => id)).deep.equal([
			'prove:width',
			'prove:height',
			'prove:floor-left',
			'prove:floor-right'
		]);
		// 48 in above the floor at the left end, 48 1/4 in at 84 in, 48 1/2 in at 168 in, straight between them.
		const holes = plan.ok ? plan.value.marks.map(({ hole }) => hole.x / 25.4) : [];
		const down = (x: number) => (48 + x / 336) * 25.4;
		expect(proofs()[2]!.expected.value).closeTo(down(Math.min(...holes)), 1e-6);
		expect(proofs()[3]!.expected.value).closeTo(down(Math.max(...holes)), 1e-6);
	});

	it('agrees within what a tape can, and says how far it is off', () => {
		const [width] = proofs();
		expect(provedBy(width!, 168 * 25.4 + 4).agrees).equal(true);
		const off = provedBy(width!, 168 * 25.4 - 30);
		expect(off.agrees).equal(false);
		expect(off.says).match(/^That is \{30(\.0+\d*)? mm\} less/);
	});
});

describe('as it came out', () => {
	const piece = DEMO.pieces[0]!;
	const hung = hangPiece(piece, DEMO.houseRules);
	const facts = {
		...{ back: piece.back, piece: hungPiece(piece), tolerance: 1.5 },
		hung: hung.ok ? hung.value : (null as never)
	};

	it('gives one instruction, or none where nothing shows', () => {
		expect(levelInstruction(0.1, facts).fine).equal(true);
		expect(levelInstruction(1, facts).says).match(/^Slide the piece .* to the right on its wire/);
		expect(heightInstruction(1, { points: 2, tolerance: 1.5 }).fine).equal(true);
		expect(heightInstruction(6, { points: 2, tolerance: 1.5 }).says).contain(
			'{6 mm} too high: lower both hooks'
		);
		expect(heightInstruction(-6, { points: 1, tolerance: 1.5 }).says).contain('raise its hook');
		expect(bumperInstruction('left', 4).says).equal(
			'Add a bumper of {4 mm} at the lower left corner.'
		);
		expect(hooksInstruction({ x: -4, y: 0.5 }, 'left hook', 1.5).says).equal(
			'The left hook is {4 mm} too far left.'
		);
		expect(hooksInstruction({ x: 1, y: 1 }, 'left hook', 1.5).fine).equal(true);
	});

	it('asks once about a reading that is out of reason', () => {
		const asked = (says: string) => ({ says, refused: false });
		expect(oddReading('height', 30)).deep.equal(asked('That is {30 mm} off. Kept?'));
		expect(oddReading('height', -12)).equal(null);
		expect(oddReading('tilt', 4)).deep.equal(asked('That is 4.0° off. Kept?'));
	});

	it('refuses a reading that cannot be of this', () => {
		expect(oddReading('height', -5000)).deep.equal({
			says: 'That is {5000 mm} off: something else was read. Read it again.',
			refused: true
		});
		expect(oddReading('tilt', 44)).include({ refused: true });
	});
});

describe('what can go wrong', () => {
	it('has a card for each, with what to do, and one for whatever a bit can meet', () => {
		expect(new Set(TROUBLES.map(({ id }) => id)).size).equal(TROUBLES.length);
		for (const { steps } of TROUBLES) expect(steps.length).above(1);
		const asks = (met: Met) =>
			TROUBLES.filter((each) => each.met?.some((one) => one.met === met)).map(({ ask }) => ask);
		for (const met of MET) expect(asks(met), met).length(1);
		expect(asks('pipe')[0]).contain('plumber');
		expect(asks('metal')[0]).contain('electrician');
	});
});
