import { expect } from 'chai';
import { DEMO } from '../../../../store/demo/index.ts';
import { care, note } from '../../../fixing/said.ts';
import type { Project } from '../../../model/project.ts';
import { fixOnWall } from '../../../plan/fix.ts';
import { planWallFast } from '../../../plan/plan-wall-fast.ts';
import { applyEvent } from '../apply-event.ts';
import { frozenPoints, newHanging } from '../frozen.ts';
import { getReady } from './get-ready.ts';
import { hangUp } from './hang-up.ts';
import { leaveWell } from './leave-well.ts';
import { markUp } from './mark-up.ts';
import { setHooks } from './set-hooks.ts';
import { stepId } from './step-id.ts';
import { toHang, type DayFacts, type Step } from './types.ts';

const HALL = 'stair-hall';
const [hall, ...otherWalls] = DEMO.walls as [Project['walls'][0], ...Project['walls']];
const piece = (letter: string) => DEMO.pieces.find((each) => each.letter === letter)!;

function facts(project: Project = DEMO, began: string | null = null): DayFacts {
	const wall = project.walls.find(({ id }) => id === HALL)!;
	const plan = planWallFast(project, HALL);
	if (!plan.ok) throw new Error(plan.error.message);
	const fixes = fixOnWall(project, wall, { studs: [], lean: null });
	return { project, wall, plan: plan.value, fixes, began };
}
const changed = (letter: string, change: object): Project => ({
	...DEMO,
	pieces: DEMO.pieces.map((each) => (each.letter === letter ? { ...each, ...change } : each))
});
const onWall = (change: Partial<typeof hall>): Project => ({
	...DEMO,
	walls: [{ ...hall, ...change }, ...otherWalls]
});
function hang(project: Project, letter: string, at: string): Project {
	const planned = facts(project).plan.pieces.find((each) => each.letter === letter)!;
	const told = { id: `h-${letter}`, wallId: HALL, since: at, by: '' };
	const hanging = newHanging(piece(letter), planned, frozenPoints(planned, undefined), told);
	return applyEvent(project, {
		...{ id: `e-${letter}`, at, by: '', wallId: HALL, what: 'hung', hanging }
	});
}
const hangAll = (project: Project, at: string): Project =>
	facts(project).plan.pieces.reduce((now, { letter }) => hang(now, letter, at), project);
const of = (steps: Step[], id: string) => steps.find((step) => step.id === id);
const ready = (what: 'room' | 'backs' | 'tools' | 'line') => stepId({ of: 'ready', what });

describe('getting ready', () => {
	it('draws a line for the tape that is read from one, and lays tape for the others', () => {
		const title = (up: typeof hall.tape.up) =>
			of(getReady(facts(onWall({ tape: { ...hall.tape, up } }))), ready('line'))!.title;
		for (const up of [{ from: 'line', at: 1200 }, { from: 'level-line' }, { from: 'read-line' }])
			expect(title(up as typeof hall.tape.up), up.from).equal('Draw the level line');
		for (const from of ['floor-here', 'ceiling', 'centre-line'] as const)
			expect(title({ from }), from).equal('Lay painter’s tape where the marks go');
	});

	it('names those backs alone that were not measured', () => {
		const guessed = changed('D', { back: { ...piece('D').back, assumed: ['barDrop'] } });
		const says = of(getReady(facts(guessed)), ready('backs'))!.says.filter((line) =>
			line.includes('not measured')
		);
		expect(says).length(1);
		expect(says[0]).match(/^D:/);
		expect(of(getReady(facts()), ready('backs'))!.says.join()).not.contain('not measured');
	});

	it('lays out tools and bits, then what goes in the wall, each with its number where it is counted', () => {
		const { says } = of(getReady(facts()), ready('tools'))!;
		expect(says.length).least(2);
		for (const line of says) expect(line).match(/^[^;].*\.$/);
		const [tools, wall] = says;
		expect(tools).contain('Hammer').and.not.match(/\d ×/);
		expect(wall)
			.match(/\d+ × /)
			.and.not.match(/\b1 × |null|NaN/);
		expect(says.at(-1)).contain('Tape measure and pencil');
	});

	it('counts bits by how each piece is really fixed', () => {
		const screwed = changed('A', { hook: 'strap-toggle' });
		const tools = (given: DayFacts) => of(getReady(given), ready('tools'))!.says[0]!;
		expect(tools(facts(screwed))).match(/Bit, /);
		expect(tools({ ...facts(screwed), fixes: [] })).not.match(/Bit, /);
	});

	it('is nothing but the troubles once everything hangs', () => {
		expect(getReady(facts(hangAll(DEMO, '2026-05-02T10:00:00.000Z')))).deep.equal([]);
	});
});

describe('hanging up', () => {
	const lifts = (given: DayFacts) =>
		hangUp(given).filter(({ asks }) => asks.of === 'lift') as Step[];

	it('goes from the heaviest to the lightest, what was not weighed last', () => {
		const [a, b] = facts().plan.pieces;
		const project = {
			...DEMO,
			pieces: DEMO.pieces.map((each) => ({
				...each,
				weight: each.id === a!.pieceId ? 30 : each.id === b!.pieceId ? 40 : 1
			}))
		};
		expect(
			lifts(facts(project))
				.slice(0, 2)
				.map(({ pieceId }) => pieceId)
		).deep.equal([b!.pieceId, a!.pieceId]);
		const unknown = changed('A', { weight: null, build: null });
		expect(lifts(facts(unknown)).at(-1)!.pieceId).equal(piece('A').id);
	});

	it('keeps on the sheet what was hung since the day began, and not what hung before', () => {
		const project = hang(DEMO, 'A', '2026-05-02T10:00:00.000Z');
		const has = (began: string | null) =>
			lifts(facts(project, began)).some(({ pieceId }) => pieceId === piece('A').id);
		expect(has('2026-05-02T09:00:00.000Z')).equal(true);
		expect(has('2026-05-02T10:00:00.000Z')).equal(true);
		expect(has('2026-05-02T10:00:01.000Z')).equal(false);
		expect(has(null)).equal(false);
	});

	it('waits for its own hooks always, and for those of the others where it would break', () => {
		const needs = (project: Project, letter: string) => {
			const given = facts(project);
			const own = new Set(
				given.plan.pieces.find((each) => each.letter === letter)!.hooks.map(({ id }) => id)
			);
			const lift = lifts(given).find(({ pieceId }) => pieceId === piece(letter).id)!;
			const strict = lift.needs.filter((need) => need.strict).length;
			return { own: own.size, strict, all: lift.needs.length };
		};
		const every = facts().plan.pieces.flatMap(({ hooks }) => hooks).length;
		const bare = { glazing: 'none', kind: 'canvas' };
		const plain = needs(changed('A', bare), 'A');
		expect(plain).deep.equal({ own: plain.own, strict: plain.own, all: plain.own });
		for (const change of [
			{ ...bare, glazing: 'glass' },
			{ ...bare, kind: 'mirror' },
			{ ...bare, kind: 'plate' }
		]) {
			const { own, strict, all } = needs(changed('A', change), 'A');
			expect([strict, all], JSON.stringify(change)).deep.equal([own, every]);
		}
	});

	it('carries the cares of its own fixing, and no notes', () => {
		const given = facts();
		const [first, second] = given.plan.pieces;
		const fixes = [first!, second!].map(({ pieceId, letter }) => ({
			...given.fixes.find((each) => each.pieceId === pieceId)!,
			cautions: [care('ladder', { letter }), note('children', { letter })]
		}));
		const lift = lifts({ ...given, fixes }).find(({ pieceId }) => pieceId === second!.pieceId)!;
		expect(lift.cautions.filter(({ grade }) => grade !== 'stop')).deep.equal([
			care('ladder', { letter: second!.letter })
		]);
	});
});

describe('marking and setting', () => {
	const given = facts();
	const [first, second] = given.plan.pieces;
	const [hook] = first!.hooks;
	const met = care('rented', { letter: 'A', damage: 'a hole' });
	const warned: DayFacts = {
		...given,
		plan: {
			...given.plan,
			marks: given.plan.marks,
			cautions: given.plan.cautions,
			placementCautions: [{ pieceId: first!.pieceId, hookId: hook!.id, caution: met }]
		}
	};

	it('warn at the hook that a caution is about, and at no other', () => {
		for (const steps of [markUp(warned), setHooks(warned)]) {
			const warnedAt = steps.filter(({ cautions }) => cautions.includes(met));
			expect(warnedAt).length(1);
			expect(warnedAt[0]!.id).contain(hook!.id);
		}
	});

	it('tell how far the hook of its own piece is used', () => {
		const uses = setHooks(given).map(({ asks }) => asks.of === 'set' && asks);
		for (const ask of uses) {
			if (!ask) throw new Error('not a hook');
			const { pieceId } = given.plan.pieces.find(({ hooks }) => hooks.includes(ask.hook))!;
			const index = given.plan.pieces
				.find((each) => each.pieceId === pieceId)!
				.hooks.indexOf(ask.hook);
			const use = given.fixes.find((each) => each.pieceId === pieceId)!.currentUses[index]!;
			expect(ask.use).equal(use.ok ? use.value : null);
			expect(ask.mark.id).equal(ask.hook.id);
		}
		expect(uses.some((ask) => ask && ask.use !== null)).equal(true);
		expect(
			setHooks({ ...given, fixes: [] }).every(({ asks }) => asks.of === 'set' && asks.use === null)
		).equal(true);
	});

	it('are for what is still to be hung', () => {
		const hung = facts(hang(DEMO, second!.letter, '2026-05-02T10:00:00.000Z'));
		for (const steps of [markUp(hung), setHooks(hung)])
			expect(steps.some(({ pieceId }) => pieceId === second!.pieceId)).equal(false);
		expect(toHang(hung).map(({ letter }) => letter)).not.include(second!.letter);
	});
});

describe('leaving it well', () => {
	const hole = (id: string, x: number, y: number) => ({
		...{ id, name: `Hole ${id}`, kind: 'old-fixing' as const, of: 'hole' as const },
		...{ x, y, width: 8, height: 8, reusable: false }
	});
	const { rect } = facts().plan.pieces[0]!;
	const holed = onWall({
		features: [
			...hall.features,
			hole('seen', 1100, 500),
			hole('hidden', rect.x + rect.width / 2, rect.y + rect.height / 2),
			hole('filled', 1200, 500)
		]
	});
	const filled = {
		...{ id: 'f', at: '2026-05-02T09:00:00.000Z', by: '', wallId: HALL },
		...{ what: 'filled' as const, hole: 'filled' }
	};

	it('fills what stays in sight and is not filled yet, after everything hangs', () => {
		const steps = leaveWell(facts(applyEvent(holed, filled)));
		const fill = of(steps, stepId({ of: 'after', what: 'holes' }))!;
		expect(fill.says.filter((line) => line.startsWith('Hole '))).length(1);
		expect(fill.says[0]).match(/^Hole seen, /);
		const lifts = facts().plan.pieces.map(({ pieceId }) => stepId({ of: 'lift', pieceId }));
		for (const { needs } of steps) {
			expect(needs.map(({ step }) => step)).have.members(lifts);
			expect(needs.every(({ strict }) => !strict)).equal(true);
		}
	});

	it('has nothing to fill where no hole is seen', () => {
		expect(of(leaveWell(facts()), stepId({ of: 'after', what: 'holes' }))).equal(undefined);
	});
});
