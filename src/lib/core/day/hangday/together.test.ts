import { expect } from 'chai';
import type { Caution } from '../../base/caution.ts';
import { usualHouseRules } from '../../model/house-rules.ts';
import type { Project } from '../../model/project.ts';
import { startPiece, startPlacement, startProject } from '../../model/start.ts';
import { DEMO } from '../../../store/demo/index.ts';
import { planWallFast } from '../../plan/plan-wall-fast.ts';
import { dayState } from './state.ts';
import { runSheet, type SheetStep } from './run-sheet.ts';
import { cautionsTogether, doneTogether, firstTogether } from './together.ts';

let count = 0;
const newId = () => `t-${count++}`;

/** So many pieces on two hooks each, in a row on a wall of board. */
function row(pieces: number): Project {
	const started = startProject(newId, new Date('2026-01-05'), {
		...{ name: 'House', houseRules: usualHouseRules },
		wall: { name: 'Wall', width: 4000, height: 2500 }
	});
	const letters: string[] = [];
	const rack = Array.from({ length: pieces }, () => {
		const piece = startPiece(newId, letters, { width: 400, height: 500, hanger: 'wire-two' });
		letters.push(piece.letter);
		return { ...piece, weight: 4 };
	});
	const wall = started.walls[0]!;
	const placements = rack.map(({ id }, index) =>
		startPlacement(id, 500 + index * 500, { from: 'house' })
	);
	return {
		...started,
		pieces: rack,
		walls: [{ ...wall, arrangements: [{ ...wall.arrangements[0]!, placements }] }]
	};
}

function sheetOf(project: Project): SheetStep[] {
	const wall = project.walls[0]!;
	const plan = planWallFast(project, wall.id);
	if (!plan.ok) throw new Error(plan.error.code);
	return runSheet({ project, wall, plan: plan.value, fixes: [] }, dayState(project.day, wall.id));
}

/** The screens a person goes through, each with its steps: what comes before is done by then. */
function screens(all: readonly SheetStep[]): SheetStep[][] {
	const sheet = all.map((item) => ({ ...item, waitsFor: [] }));
	const found: SheetStep[][] = [];
	for (let at = 0; at < sheet.length; at += found.at(-1)!.length)
		found.push(doneTogether(sheet, sheet[at]!));
	return found;
}

describe('what is done in one go at the wall', () => {
	it('makes six screens of one picture on two hooks, and at most twenty-four of five', () => {
		expect(screens(sheetOf(row(1))).map((group) => group[0]!.step.phase)).deep.equal([
			...['ready', 'mark', 'set', 'lift', 'lift', 'after']
		]);
		expect(screens(sheetOf(row(5))).length).at.most(24);
	});

	it('leaves no step out, keeps their order, and never crosses from piece to piece or phase to phase', () => {
		for (const wall of DEMO.walls) {
			const sheet = sheetOf({
				...DEMO,
				walls: [wall, ...DEMO.walls.filter((each) => each !== wall)]
			});
			const groups = screens(sheet);
			expect(groups.flat().map(({ step }) => step)).deep.equal(sheet.map(({ step }) => step));
			for (const group of groups) {
				expect(new Set(group.map(({ step }) => step.phase)).size).equal(1);
				expect(new Set(group.map(({ step }) => step.pieceId)).size).equal(1);
				// What asks for a reading or a photo has a screen of its own.
				const asking = group.filter(({ step }) =>
					['proof', 'lift', 'level', 'trouble', 'photo'].includes(step.asks.of)
				);
				expect(asking.length).at.most(1);
			}
		}
	});

	it('leaves out what was done before', () => {
		const sheet = sheetOf(row(1));
		const ready = sheet.filter(({ step }) => step.phase === 'ready');
		const done = sheet.map((item) =>
			item === ready[1] ? { ...item, mark: { state: 'done' as const, at: '' } } : item
		);
		expect(doneTogether(done as SheetStep[], done[sheet.indexOf(ready[0]!)] as SheetStep)).lengthOf(
			1
		);
	});
});

describe('what belongs to a step', () => {
	const step = (phase: string, asks: object, more: object = {}): SheetStep =>
		({
			...{ mark: null, off: false, waitsFor: [] },
			...more,
			step: { phase, asks, pieceId: 'p', title: `${phase}`, cautions: [], ...more }
		}) as unknown as SheetStep;
	const tick = { of: 'tick' };
	const mark = (levelWith: object | null) => ({ of: 'mark', mark: { levelWith } });
	const set = (levelWith: object | null, kind = 'screw') => ({
		...{ of: 'set', mark: { levelWith } },
		hook: { kind }
	});
	const level = { name: 'left hook' };
	/** How many of two steps are done in one go, from the first. */
	const together = (first: SheetStep, next: SheetStep) => doneTogether([first, next], first).length;

	it('is a mark or a hook of the same piece that is level with it', () => {
		const after = (next: object, more?: object) =>
			together(step('mark', mark(null)), step('mark', next, more));
		expect([after(mark(level)), after(mark(null)), after(tick)]).deep.equal([2, 1, 1]);
		expect(after(mark(level), { pieceId: 'q' })).equal(1);
		const afterHook = (next: object) => together(step('set', set(null)), step('set', next));
		expect([afterHook(set(level)), afterHook(set(null))]).deep.equal([2, 1]);
		// Another kind of hook wants another bit.
		expect(afterHook(set(level, 'picture-hook-1'))).equal(1);
		expect(together(step('set', tick), step('set', set(level)))).equal(1);
		expect(together(step('set', set(null)), step('set', { ...set(level), of: 'tick' }))).equal(1);
	});

	it('is one tick after another while getting ready, and all that comes after the work', () => {
		const proof = { of: 'proof' };
		expect(together(step('ready', tick), step('ready', tick))).equal(2);
		expect(together(step('ready', tick), step('ready', proof))).equal(1);
		expect(together(step('ready', proof), step('ready', tick))).equal(1);
		expect(together(step('after', tick), step('after', { of: 'photo' }))).equal(2);
		expect(together(step('ready', tick), step('after', tick))).equal(1);
	});

	it('is the tick that follows a level, and no other level', () => {
		expect(together(step('lift', { of: 'level' }), step('lift', tick))).equal(2);
		expect(together(step('lift', { of: 'level' }), step('lift', { of: 'level' }))).equal(1);
		expect(together(step('lift', tick), step('lift', tick))).equal(1);
	});

	it('is nothing that waits for a step besides those before it', () => {
		const waits = (...ids: string[]) => ({ waitsFor: ids.map((id) => ({ id })) });
		const first = step('ready', tick, { id: 'a', ...waits('z') });
		expect(together(first, step('ready', tick, waits('a', 'z')))).equal(2);
		expect(together(first, step('ready', tick, waits('b')))).equal(1);
	});

	it('leads back to the first of them', () => {
		const ticks = [1, 2, 3].map(() => step('ready', tick));
		const sheet = [step('prove', { of: 'proof' }), ...ticks, step('mark', mark(null))];
		expect(firstTogether(sheet, ticks[2]!)).equal(ticks[0]);
		expect(firstTogether(sheet, ticks[0]!)).equal(ticks[0]);
		expect(firstTogether(sheet, sheet[0]!)).equal(sheet[0]);
		expect(firstTogether(sheet, sheet[4]!)).equal(sheet[4]);
	});
});

describe('what is said of all that is done in one go', () => {
	const marks = sheetOf(row(1)).filter(({ step }) => step.phase === 'mark');
	const stop: Caution = {
		code: 'over-cable',
		grade: 'stop',
		message: 'A cable.',
		remedy: 'Move it.'
	};
	const care: Caution = { ...stop, code: 'other', grade: 'care', message: 'Mind it.' };
	const saying = (cautions: Caution[][], done = 0): SheetStep[] =>
		cautions.map((said, index) => ({
			...marks[index]!,
			...(index < done ? { mark: { state: 'done' as const, at: '', by: '', why: '' } } : {}),
			step: { ...marks[index]!.step, cautions: said }
		}));

	it('holds what is said of the second hook alone, and what is said of both once', () => {
		const sheet = saying([[care], [care, stop]]);
		expect(cautionsTogether(sheet, sheet)).deep.equal({ told: [], fresh: [care, stop] });
	});

	it('takes what is said with other values for something else', () => {
		const off = (by: number): Caution => ({ ...care, values: { by } });
		const sheet = saying([[off(3)], [off(3), off(4)]]);
		expect(cautionsTogether(sheet, sheet).fresh).deep.equal([off(3), off(4)]);
	});

	it('tells apart what was said at a step that is done', () => {
		const sheet = saying([[stop], [stop, care]], 1);
		expect(cautionsTogether(sheet, sheet.slice(1))).deep.equal({ told: [stop], fresh: [care] });
		const later = saying([[care], [stop]], 2).toReversed();
		expect(cautionsTogether(later, later.slice(0, 1)).fresh).deep.equal([stop]);
		const skipped = saying([[stop], [stop]]);
		expect(cautionsTogether(skipped, skipped.slice(1)).fresh).deep.equal([stop]);
	});
});
